/** Where a number comes from. Every coefficient row names one of these ids; `adr-…` ids are guesses with a page in docs/adr. */
export const SOURCES = {
  'mccutcheon-1993':
    'McCutcheon, Martin & Barnwell (1993), Water Quality, in Handbook of Hydrology: density of air-free water against temperature.',
  'iapws-2008':
    'IAPWS Release on the Viscosity of Ordinary Water Substance (2008); short form at 0.1 MPa after Pátek et al. (2009), J. Phys. Chem. Ref. Data 38.',
  'millero-1981':
    'Millero & Poisson (1981), Deep-Sea Research 28A: equation of state of sea water at one atmosphere (EOS-80).',
  'sharqawy-2010':
    'Sharqawy, Lienhard & Zubair (2010), Desalination and Water Treatment 16: viscosity of sea water against salt and temperature.',
  'hoerner-1965': 'Hoerner (1965), Fluid-Dynamic Drag: bodies of revolution, plates and cylinders across the flow.',
  'white-2006':
    'White (2006), Viscous Fluid Flow, 3rd ed.: curve fit for a cylinder across the flow, Cd = 1 + 10 Re^(-2/3).',
  'lamb-1932': 'Lamb (1932), Hydrodynamics, 6th ed., art. 114: water that moves with a spheroid.',
  'brown-lawler-2003':
    'Brown & Lawler (2003), J. Environ. Eng. 129: drag of spheres up to Re 2e5, fitted to the corrected data of a century.',
  'blasius-1908': 'Blasius (1908), Z. Math. Phys. 56: laminar friction on a flat plate, 1.33 / sqrt(Re).',
  'gosselin-2010':
    'Gosselin, de Langre & Machado-Almeida (2010), J. Fluid Mech. 650: drag of plates and filaments that bend in a stream, by the Cauchy number.',
  'alben-2002':
    'Alben, Shelley & Zhang (2002), Nature 420: a flexible fibre in a stream folds so that its drag grows as U^(4/3).',
  'taylor-2003':
    'Taylor, Nudds & Thomas (2003), Nature 425: tails and wings in cruise beat at Strouhal numbers near 0.2 to 0.4.',
  'euler-bernoulli':
    'Euler-Bernoulli beam: tip force of a clamped rod 3 E I d / l^3, first bending frequency, plastic moment of a round wire.',
  'jeffreys-1946':
    'Jeffreys (1946), Proc. R. Soc. A 186: an invariant form for the prior probability in estimation problems.',
  'mantel-haenszel-1959': 'Mantel & Haenszel (1959), J. Natl. Cancer Inst. 22: rates compared within strata.',
  'nmea-0183':
    'NMEA 0183, interface standard for marine electronics: sentences DPT, DBT, MTW, RMC and GGA, and their checksum.',
  'densities-crc':
    'CRC Handbook of Chemistry and Physics: densities of lead, tungsten alloy, bismuth, brass and steel.',
  'silicone-data': 'Published ranges for silicone and natural rubber: density and Young modulus at small strain.',
  'nist-sp811': 'NIST Special Publication 811: exact conversion factors for inch, foot, ounce and pound.',
  'craft-practice': 'Common practice of jig anglers, held as a rule of thumb; not a measurement.',
  'adr-0003': 'Estimate: docs/adr/0003-drag-build-up.md',
  'adr-0004': 'Estimate: docs/adr/0004-part-tables.md',
  'adr-0005': 'Estimate: docs/adr/0005-uncertainty.md',
  'adr-0006': 'Judgement: docs/adr/0006-wants-and-scoring.md',
  'adr-0007': 'Judgement: docs/adr/0007-search-and-gaps.md',
  'adr-0008': 'Estimate: docs/adr/0008-weighing.md',
  'adr-0009': 'Judgement: docs/adr/0009-measured-parts.md',
  'adr-0010': 'Estimate: docs/adr/0010-retrieve-and-what-spins.md',
  'adr-0011': 'Estimate: docs/adr/0011-hook-guard-and-keeper.md',
  'adr-0012': 'Estimate: docs/adr/0012-bands-and-calibration.md',
  'adr-0013': 'Estimate: docs/adr/0013-families-and-flips.md',
  'adr-0014': 'Estimate: docs/adr/0014-the-bench.md',
  'adr-0022': 'Estimate: docs/adr/0022-what-is-taken-in-hand.md',
  'adr-0023': 'Estimate: docs/adr/0023-solved-cuts-and-faults.md',
  'adr-0024': 'Estimate: docs/adr/0024-limits-are-ramps.md',
  'adr-0025': 'Estimate: docs/adr/0025-mechanics-version-3.md',
  'adr-0026': 'Estimate: docs/adr/0026-the-tank.md',
  'adr-0027': 'Estimate: docs/adr/0027-map-and-year.md',
  'adr-0038': 'Judgement: docs/adr/0038-one-posture-for-all-heads.md',
  'adr-0037': 'Estimate: docs/adr/0037-mechanics-version-4.md',
  'adr-0035': 'Judgement: docs/adr/0035-cuts-worth-the-scissors.md',
  'adr-0036': 'Judgement: docs/adr/0036-a-score-that-adds-up.md',
  'adr-0032': 'Estimate: docs/adr/0032-tests-and-the-log-in-the-answer.md',
  'adr-0031': 'Judgement: docs/adr/0031-the-log.md',
  'adr-0030': 'Estimate: docs/adr/0030-a-day-on-the-water.md',
  'adr-0028': 'Estimate: docs/adr/0028-gear.md',
} as const;

export type SourceId = keyof typeof SOURCES;
