// Puts the conditions of rules into words, from the rules' own source: they cannot drift apart.
import { readFileSync } from 'node:fs';
import ts from 'typescript';
import { COVER_NAME } from '../core/advice/messages/words-en';
import type { CoverKind } from '../core/water/schema';

type Words = readonly [is: string, isNot: string];

/** Facts of a water by name. */
const FACTS: Readonly<Record<string, Words>> = {
  bottom: ['worked on the bottom', 'worked above the bottom'],
  high: ['wanted high in the water', 'not wanted high'],
  inCover: ['in cover', 'in open water'],
  wood: ['wood', 'no wood'],
  forked: ['wood that forks', 'no wood that forks'],
  stone: ['stone', 'no stone'],
  grass: ['weed', 'no weed'],
  matted: ['matted weed', 'no mat'],
  stems: ['standing stems', 'no stems'],
  junk: ['several kinds of thick cover', 'no such mix of cover'],
  spring: ['spring', 'not spring'],
  muddied: ['muddier than usual', 'no muddier than usual'],
  roofed: ['docks or houseboats', 'nothing roofed'],
  overWeed: ['wanted above the weed', 'not wanted above the weed'],
  reeled: ['reeled', 'not reeled'],
};

/** Values of choices, as they follow the name of the choice. */
const CHOICES: Readonly<Record<string, string>> = {
  mood: 'fish',
  season: 'season',
  aim: 'after',
  sky: 'light',
  wind: 'wind',
  pressure: 'pressure',
  species: 'fish',
};
const VALUES: Readonly<Record<string, string>> = {
  prespawn: 'before the spawn',
  postspawn: 'after the spawn',
  largemouth: 'largemouth bass',
  smallmouth: 'smallmouth bass',
  spotted: 'spotted bass',
  skirted: 'jigs',
  vibrating: 'vibrating jigs',
  spinner: 'spinnerbaits',
};
const valueOf = (name: string): string => VALUES[name] ?? name.replace(/-/g, ' ');

/** Helpers of rules of handling, by what they ask of the rig. */
const ASKED: Readonly<Record<string, Words>> = {
  swims: ['a swim head worked above the bottom', 'no swim head above the bottom'],
  spins: ['a spinnerbait', 'no spinnerbait'],
  blades: ['a spinnerbait', 'no spinnerbait'],
  vibrates: ['a vibrating jig', 'no vibrating jig'],
  plate: ['a vibrating jig', 'no vibrating jig'],
  moving: ['a vibrating jig or spinnerbait', 'a skirted jig'],
  stout: ['heavy wire or stouter', 'wire lighter than heavy'],
  fast: ['brought back at 0.75 m/s or faster', 'brought back slower than 0.75 m/s'],
  openWater: ['open water of 5 ft and more with 2 ft of sight', 'no such open water'],
  shaken: ['a tail that does not fit the head, or a warm edge with active fish', 'a tail that fits the head'],
};

/** A part of a condition, and whether it joins by "or": such parts are set in brackets inside an "and". */
interface Said {
  readonly text: string;
  readonly or: boolean;
}
const one = (text: string): Said => ({ text, or: false });

class Translator {
  constructor(private readonly file: ts.SourceFile) {}

  private fail(node: ts.Node): never {
    throw new Error(`when-words: no words for ${node.getText(this.file)} in ${this.file.fileName}`);
  }

  /** The value a name was given at the top of the file. */
  private constant(name: string): ts.Expression | undefined {
    for (const statement of this.file.statements) {
      if (!ts.isVariableStatement(statement)) continue;
      for (const row of statement.declarationList.declarations) {
        if (ts.isIdentifier(row.name) && row.name.text === name) return row.initializer;
      }
    }
    return undefined;
  }

  private length(node: ts.Expression): string {
    if (ts.isCallExpression(node) && ts.isIdentifier(node.expression)) {
      const amount = node.arguments[0]!.getText(this.file);
      const unit = { feet: 'ft', ftps: 'ft', inches: 'in', lengthMFromFt: 'ft', lengthMFromIn: 'in' }[
        node.expression.text
      ];
      if (unit) return `${amount} ${unit}`;
    }
    if (ts.isIdentifier(node)) {
      const known = this.constant(node.text);
      if (known) return this.length(known);
    }
    if (ts.isNumericLiteral(node)) return `${node.text} m`;
    return this.fail(node);
  }

  private words([is, isNot]: Words, not: boolean): Said {
    return one(not ? isNot : is);
  }

  say(node: ts.Expression, not = false): Said {
    if (ts.isParenthesizedExpression(node)) return this.say(node.expression, not);
    if (ts.isPrefixUnaryExpression(node)) return this.say(node.operand, !not);
    if (ts.isBinaryExpression(node)) return this.binary(node, not);
    if (ts.isIdentifier(node)) return this.identifier(node, not);
    if (ts.isPropertyAccessExpression(node)) return this.property(node, not);
    if (ts.isCallExpression(node)) return this.call(node, not);
    if (node.kind === ts.SyntaxKind.TrueKeyword) return one('always');
    return this.fail(node);
  }

  private binary(node: ts.BinaryExpression, not: boolean): Said {
    const kind = node.operatorToken.kind;
    const joins = kind === ts.SyntaxKind.AmpersandAmpersandToken || kind === ts.SyntaxKind.BarBarToken;
    if (joins) {
      const or = (kind === ts.SyntaxKind.BarBarToken) !== not;
      const parts = [this.say(node.left, not), this.say(node.right, not)];
      const bracketed = parts.map((part) => (part.or && !or ? `(${part.text})` : part.text));
      return { text: bracketed.join(or ? ' or ' : ', '), or };
    }
    return this.compare(node, not);
  }

  private compare(node: ts.BinaryExpression, not: boolean): Said {
    const left = node.left.getText(this.file).replace(/^h\.w\./, 'w.');
    const operator = node.operatorToken.getText(this.file);
    const { right } = node;
    const flipped: Record<string, string> = { '<': '>=', '>=': '<', '<=': '>', '>': '<=', '===': '!==', '!==': '===' };
    const sign = not ? flipped[operator]! : operator;
    const literal = ts.isStringLiteral(right) ? right.text : ts.isNumericLiteral(right) ? Number(right.text) : null;
    const below = sign === '<' || sign === '<=';
    if (left === 'w.seenM')
      return one(below ? `sight under ${this.length(right)}` : `sight of ${this.length(right)} or more`);
    if (left === 'w.depthM') {
      if (below) return one(`${sign === '<=' ? 'no deeper than' : 'shallower than'} ${this.length(right)}`);
      return one(`${this.length(right)} deep or more`);
    }
    if (left === 'w.weedDensity') return one(sign === '===' ? 'thick weed' : 'weed that is more than sparse');
    if (left === 'w.density') {
      const names = ['no cover', 'sparse cover', 'medium cover', 'thick cover'];
      const name = names[literal as number]!;
      if (sign === '===') return one(name);
      return one(below ? `${name} at most` : `${name} or thicker`);
    }
    const choice = /^w\.water\.(\w+)$/.exec(left)?.[1];
    if (choice && choice in CHOICES) {
      const value = valueOf(String(literal));
      const says =
        choice === 'species'
          ? value
          : choice === 'mood'
            ? `fish ${value}`
            : choice === 'pressure'
              ? `${value} pressure`
              : choice === 'aim'
                ? `after ${value}`
                : `${CHOICES[choice]}: ${value}`;
      return one(sign === '===' ? says : `not ${says}`);
    }
    if (left === 'w.water.cover.length') return one('several kinds of cover');
    if (left === 'w.water.forage.length')
      return one(literal === 0 ? (sign === '===' ? 'food unknown' : 'food known') : 'one food only');
    if (left === 'w.water.forage[0]')
      return one(`${sign === '===' ? '' : 'not '}${valueOf(String(literal))} first among their food`);
    if (left.includes('band?.fromM')) return one(`wanted from ${this.length(right)} down`);
    if (left.includes('band?.toM')) return one(`wanted down to ${this.length(right)} or deeper`);
    if (left === 'w.water.band') return one('a depth is wanted');
    if (left === 'w.weedTopM') return one(literal === null ? 'the top of the weed is known' : 'it tops out below 6 in');
    if (left === 'w.family') return one(`${sign === '===' ? '' : 'not '}${valueOf(String(literal))}`);
    return this.ofRig(node, left, sign, literal);
  }

  private ofRig(node: ts.BinaryExpression, left: string, sign: string, literal: string | number | null): Said {
    const not = sign === '!==' ? 'not ' : '';
    if (/^(kind|style)\(h\)$/.test(left)) return one(`${not}${valueOf(String(literal))}`);
    if (left === 'h.rig.family') return one(`${not}${valueOf(String(literal))}`);
    if (left === 'lengthIn(h)')
      return one(sign.startsWith('<') ? `${literal} in long at most` : `${literal} in long or longer`);
    if (left === 'h.match') return one(`a tail whose match is ${not}${valueOf(String(literal))}`);
    if (left === 'h.rig.trailer') return one('a trailer');
    if (left === 'h.rig.skirt') return one('a skirt');
    if (left === 'h.rig.core') return one('a bright core');
    if (left === 'h.rig.trailer?.hang') return one('hung at its end');
    if (left === 'h.rig.blade?.size') return one(`${not}the ${literal} plate`);
    if (left === 'h.rig.guard?.kind') return one(`a guard of ${literal === 'fibre' ? 'fibres' : 'wire'}`);
    if (left === 'h.rig.arms?.squeezed') return one('arms not pressed together yet');
    if (left.includes('rig.guard?.fibres')) return one(`${literal} fibres or more`);
    if (left.includes('rig.skirt?.strands')) return one(`${literal} strands or more`);
    if (left === 'h.rig.head.weightOz') return one(`${literal} oz at most`);
    if (left.includes('paceMps')) return one('brought back very fast');
    if (left === 'water.localRules?.hooksPerLine') return one('no hook allowed here');
    if (/^(h\.)?schools\['([\w-]+)'\]\.school$/.test(left))
      return one(`the school is ${not}“${valueOf(String(literal))}”`);
    return this.fail(node);
  }

  private identifier(node: ts.Identifier, not: boolean): Said {
    if (node.text === 'always') return one('always');
    if (node.text === 'reeled') return this.words(FACTS['reeled']!, not);
    const asked = ASKED[node.text];
    return asked ? this.words(asked, not) : this.fail(node);
  }

  private property(node: ts.PropertyAccessExpression, not: boolean): Said {
    const fact = FACTS[node.name.text];
    if (fact) return this.words(fact, not);
    if (node.getText(this.file) === 'h.rig.head.finesse')
      return this.words(['a finesse head', 'a full-size head'], not);
    return this.fail(node);
  }

  private call(node: ts.CallExpression, not: boolean): Said {
    const text = node.expression.getText(this.file);
    const args = node.arguments;
    if (text.endsWith('.belowF')) {
      const tempF = args[0]!.getText(this.file);
      return one(not ? `${tempF} °F or warmer` : `colder than ${tempF} °F`);
    }
    if (text.endsWith('.has'))
      return one(`${not ? 'no ' : ''}${COVER_NAME[(args[0] as ts.StringLiteral).text as CoverKind]}`);
    if (text.endsWith('forage.includes'))
      return one(`they ${not ? 'do not ' : ''}eat ${(args[0] as ts.StringLiteral).text}`);
    if (text === 'is')
      return one(
        `${not ? 'no ' : ''}${args
          .slice(1)
          .map((arg) => (arg as ts.StringLiteral).text)
          .join(' or ')} head`,
      );
    if (text === 'Boolean') {
      const part = args[0]!.getText(this.file).replace('h.rig.', '');
      return one(`${not ? 'no' : 'a'} ${part === 'core' ? 'bright core' : part}`);
    }
    if (text === 'trailerHookAllowed') return one(not ? 'a second hook not allowed here' : 'allowed here');
    if (text.endsWith('.includes')) {
      const list = node.expression as ts.PropertyAccessExpression;
      const names = list.expression.getText(this.file).match(/'[\w-]+'/g) ?? [];
      return one(names.map((name) => valueOf(name.slice(1, -1))).join(' or '));
    }
    if (text.endsWith('.every')) return one('round blades alone');
    if (text.endsWith('.some')) return one('a large round blade');
    const asked = ASKED[text];
    return asked ? this.words(asked, not) : this.fail(node);
  }
}

/** Words for the condition of every rule in a file, by id. */
export function whenWords(path: string): Record<string, string> {
  const file = ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest, true);
  const translator = new Translator(file);
  const found: Record<string, string> = {};
  const visit = (node: ts.Node): void => {
    if (ts.isObjectLiteralExpression(node)) {
      const part = (name: string): ts.Expression | undefined =>
        node.properties.find(
          (row): row is ts.PropertyAssignment => ts.isPropertyAssignment(row) && row.name.getText(file) === name,
        )?.initializer;
      const [id, when] = [part('id'), part('when')];
      if (id && ts.isStringLiteral(id) && when) {
        const body = ts.isArrowFunction(when) ? (when.body as ts.Expression) : when;
        const always = ts.isArrowFunction(when) && when.parameters.length === 0;
        found[id.text] = always ? 'always' : translator.say(body).text;
      }
    }
    ts.forEachChild(node, visit);
  };
  visit(file);
  return found;
}
