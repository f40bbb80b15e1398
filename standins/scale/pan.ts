/** Units a pocket scale is switched between, and grams in each. */
const UNITS = { g: 1, oz: 28.349523125 } as const;

/** Small seeded generator, so that tests meet the same noise every time. */
export function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (Math.imul(state ^ (state >>> 15), 0x2c1b3c6d) + 0x9e3779b9) | 0;
    return ((state ^ (state >>> 13)) >>> 0) / 4294967296;
  };
}

/** The works of a made-up pocket scale: a pan, a tare, a unit key, and everything that goes wrong with such scales. */
export interface Pan {
  /** does what a line of command says; returns what it answers, or null when it does not understand */
  command(line: string): string | null;
  /** the next line of its display at a time, ms; null while it is silent */
  line(nowMs: number): string | null;
}

const MOVING_MS = 900;

/**
 * @param random  0 to 1
 * @param noiseG  standard deviation of a reading, g
 */
export function createPan(random: () => number, noiseG = 0.04): Pan {
  let loadG = 0;
  let tareG = 0;
  let unit: keyof typeof UNITS = 'g';
  let noise = noiseG;
  let driftGps = 0;
  let changedMs = -Infinity;
  let silentUntilMs = -Infinity;
  let garbledLines = 0;
  let startMs: number | null = null;
  let now = 0;

  const normal = (): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const numbers: Readonly<Record<string, (value: number) => void>> = {
    put: (value) => {
      loadG = value;
      changedMs = now;
    },
    noise: (value) => (noise = value),
    drift: (value) => {
      driftGps = value;
      startMs = now;
    },
    silence: (value) => (silentUntilMs = now + value * 1000),
    garble: (value) => (garbledLines = value),
  };

  return {
    command(line) {
      const [word = '', argument = ''] = line.trim().toLowerCase().split(/\s+/);
      if (word === 'tare') {
        tareG = loadG;
        return 'tared';
      }
      if (word === 'unit' && argument in UNITS) {
        unit = argument as keyof typeof UNITS;
        return `unit ${unit}`;
      }
      const value = Number(argument);
      const act = numbers[word];
      if (!act || argument === '' || !Number.isFinite(value) || value < 0 || value > 100_000) return null;
      act(value);
      return `${word} ${value}`;
    },
    line(nowMs) {
      now = nowMs;
      startMs ??= nowMs;
      if (nowMs < silentUntilMs) return null;
      if (garbledLines > 0) {
        garbledLines--;
        return ['8.?2 g', '9.41', 'E r r', '12,3,4 g', 'kg'][garbledLines % 5]!;
      }
      if (loadG > 500) return 'OVER';
      const moving = nowMs - changedMs < MOVING_MS;
      const drift = (driftGps * (nowMs - startMs)) / 1000;
      const shown = loadG - tareG + drift + noise * normal() + (moving ? 0.6 * normal() : 0);
      return `${(shown / UNITS[unit]).toFixed(unit === 'g' ? 2 : 4)} ${unit}${moving ? ' ?' : ''}`;
    },
  };
}
