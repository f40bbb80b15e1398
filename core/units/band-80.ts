/** Half width of a central 80 % band of a normal variable, in standard deviations: every band people see is of this kind. */
export const BAND_80_SD = 1.2815515655446004;
