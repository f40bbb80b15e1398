/**
 * The only file with a conversion factor. Inside the core everything is SI (temperature in °C); these functions
 * stand at the edges: reading a file or a field, showing a number, writing a file.
 * @source nist-sp811
 */
const KG_PER_OZ = 0.028349523125;
const M_PER_IN = 0.0254;
const M_PER_FT = 0.3048;

export const massKgFromOz = (massOz: number): number => massOz * KG_PER_OZ;
const KG_PER_LB = 16 * KG_PER_OZ;
export const massKgFromLb = (massLb: number): number => massLb * KG_PER_LB;
export const lbFromMassKg = (massKg: number): number => massKg / KG_PER_LB;
export const ozFromMassKg = (massKg: number): number => massKg / KG_PER_OZ;
export const massKgFromG = (massG: number): number => massG / 1000;
export const gFromMassKg = (massKg: number): number => massKg * 1000;

export const lengthMFromIn = (lengthIn: number): number => lengthIn * M_PER_IN;
export const inFromLengthM = (lengthM: number): number => lengthM / M_PER_IN;
export const lengthMFromFt = (lengthFt: number): number => lengthFt * M_PER_FT;
export const ftFromLengthM = (lengthM: number): number => lengthM / M_PER_FT;
export const lengthMFromMm = (lengthMm: number): number => lengthMm / 1000;
export const mmFromLengthM = (lengthM: number): number => lengthM * 1000;
export const lengthMFromCm = (lengthCm: number): number => lengthCm / 100;
export const cmFromLengthM = (lengthM: number): number => lengthM * 100;

export const areaM2FromCm2 = (areaCm2: number): number => areaCm2 / 1e4;
export const cm2FromAreaM2 = (areaM2: number): number => areaM2 * 1e4;

export const tempCFromF = (tempF: number): number => ((tempF - 32) * 5) / 9;
export const fFromTempC = (tempC: number): number => (tempC * 9) / 5 + 32;

export const radFromDeg = (angleDeg: number): number => (angleDeg * Math.PI) / 180;
export const degFromRad = (angleRad: number): number => (angleRad * 180) / Math.PI;

/** Standard gravity, m/s². */
export const GRAVITY_MPS2 = 9.80665;

const N_PER_LBF = 4.4482216;
export const forceNFromLbf = (forceLbf: number): number => forceLbf * N_PER_LBF;
export const lbfFromForceN = (forceN: number): number => forceN / N_PER_LBF;
