// Puts the conditions of rules into words, from the rules' own source: they cannot drift apart.
import { readFileSync } from 'node:fs';
import ts from 'typescript';
import { COVER_NAME } from '../core/advice/messages/words-en';
import type { CoverKind } from '../core/water/schema';

type Words = readonly [is: string, isNot: string];

/** Facts of a water by name. */
const FACTS: Readonly<Record<string, Words>> = {
  bottom: ['it is worked on the bottom', 'it is worked above the bottom'],
  high: ['it is wanted high in the water', 'it is not wanted high'],
  inCover: ['there is cover', 'the water is open'],
  wood: ['there is wood', 'there is no wood'],
  forked: ['there is wood that forks', 'no wood there forks'],
  stone: ['there is stone', 'there is no stone'],
  grass: ['there is weed', 'there is no weed'],
  matted: ['weed lies matted on top', 'no weed lies matted on top'],
  stems: ['there are standing stems', 'there are no standing stems'],
  junk: ['several kinds of thick cover stand together', 'no such mix of cover stands there'],
  spring: ['it is spring', 'it is not spring'],
  muddied: ['the water is muddier than usual', 'the water is no muddier than usual'],
  roofed: ['there are docks or houseboats', 'nothing there is roofed'],
  overWeed: ['it is wanted above the weed', 'it is not wanted above the weed'],
  reeled: ['it is reeled', 'it is not reeled'],
};

/** Values of choices as clauses, and what they are when they are not so. */
const CHOICES: Readonly<Record<string, Readonly<Record<string, Words>>>> = {
  mood: {
    active: ['the fish are active', 'the fish are not active'],
    neutral: ['the fish are neither active nor slow', 'the fish are active or slow'],
    inactive: ['the fish are inactive', 'the fish are not inactive'],
  },
  season: {
    winter: ['it is winter', 'it is not winter'],
    prespawn: ['they are about to spawn', 'they are not about to spawn'],
    spawn: ['they spawn', 'they do not spawn'],
    postspawn: ['they have just spawned', 'they have not just spawned'],
    summer: ['it is summer', 'it is not summer'],
    autumn: ['it is autumn', 'it is not autumn'],
  },
  aim: {
    bites: ['you are after bites', 'you are not after bites'],
    size: ['you are after size', 'you are not after size'],
    search: ['you search fast', 'you do not search fast'],
    saturate: ['you work one place over', 'you do not work one place over'],
  },
  sky: {
    bright: ['the light is bright', 'the light is not bright'],
    mixed: ['the light is mixed', 'the light is not mixed'],
    dark: ['there is little light', 'there is more than little light'],
  },
  wind: {
    calm: ['the water is calm', 'the water is not calm'],
    ripple: ['the wind ripples the water', 'no wind ripples the water'],
    chop: ['the wind makes a chop', 'the wind makes no chop'],
  },
  pressure: {
    low: ['the place is fished little', 'the place is fished much'],
    high: ['the place is fished much', 'the place is fished little'],
  },
  species: {
    largemouth: ['they are largemouth bass', 'they are not largemouth bass'],
    smallmouth: ['they are smallmouth bass', 'they are not smallmouth bass'],
    spotted: ['they are spotted bass', 'they are not spotted bass'],
  },
};
const VALUES: Readonly<Record<string, string>> = {
  skirted: 'jigs',
  vibrating: 'vibrating jigs',
  spinner: 'spinnerbaits',
};
const valueOf = (name: string): string => VALUES[name] ?? name.replace(/-/g, ' ');

/** Helpers of rules of handling, by what they ask of the rig. */
const ASKED: Readonly<Record<string, Words>> = {
  swims: ['a swim head is worked above the bottom', 'no swim head is worked above the bottom'],
  spins: ['it is a spinnerbait', 'it is no spinnerbait'],
  blades: ['it is a spinnerbait', 'it is no spinnerbait'],
  vibrates: ['it is a vibrating jig', 'it is no vibrating jig'],
  plate: ['it is a vibrating jig', 'it is no vibrating jig'],
  moving: ['it is a vibrating jig or a spinnerbait', 'it is a skirted jig'],
  stout: ['its wire is heavy or stouter', 'its wire is lighter than heavy'],
  fast: ['it is brought back at {mps 0.75} or faster', 'it is brought back slower than {mps 0.75}'],
  openWater: ['the water is open, {ft 5} deep or more, and {seen 24} clear', 'no such open water lies there'],
  shaken: ['the tail does not fit the head, or a warm edge holds active fish', 'the tail fits the head'],
};
/** Cover that is counted: a ledge, but brush. */
const COUNTED = new Set(['ledge', 'gravel bar', 'laydown', 'dock', 'houseboat', 'hedgerow']);
const FAMILY_WORDS: Readonly<Record<string, string>> = {
  skirted: 'a skirted jig',
  vibrating: 'a vibrating jig',
  spinner: 'a spinnerbait',
};

/** A part of a condition: clauses that are joined by "and" or by "or". */
interface Said {
  readonly parts: readonly string[];
  readonly or: boolean;
}
const one = (text: string): Said => ({ parts: [text], or: false });

/** Clauses as one: the last is joined by its word, the others by commas. */
function joined({ parts, or }: Said): string {
  const word = or ? ' or ' : ' and ';
  return parts.length < 3 || or ? parts.join(word) : `${parts.slice(0, -1).join(', ')}${word}${parts.at(-1)}`;
}

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

  /** A length as a sentence names it: what is seen in inches, depths in feet. */
  private length(node: ts.Expression, seen = false): string {
    if (ts.isCallExpression(node) && ts.isIdentifier(node.expression)) {
      const amount = Number(node.arguments[0]!.getText(this.file));
      const inches = { feet: 12, ftps: 12, inches: 1, lengthMFromFt: 12, lengthMFromIn: 1 }[node.expression.text];
      if (inches) return seen ? `{seen ${amount * inches}}` : `{ft ${(amount * inches) / 12}}`;
    }
    if (ts.isIdentifier(node)) {
      const known = this.constant(node.text);
      if (known) return this.length(known, seen);
    }
    if (ts.isNumericLiteral(node)) return `{m ${node.text}}`;
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
      const sides = [this.say(node.left, not), this.say(node.right, not)];
      // what is joined the other way stands as one: "either … or …" inside an "and"
      const parts = sides.flatMap((side) => {
        if (side.parts.length === 1 || side.or === or) return side.parts;
        return [side.or ? `either ${joined(side)}` : joined(side)];
      });
      return { parts, or };
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
      return one(
        below ? `you see less than ${this.length(right, true)}` : `you see ${this.length(right, true)} or more`,
      );
    if (left === 'w.depthM') {
      if (below)
        return one(`the water is ${sign === '<=' ? 'no deeper than' : 'shallower than'} ${this.length(right)}`);
      return one(`the water is ${this.length(right)} deep or more`);
    }
    if (left === 'w.weedDensity') return one(sign === '===' ? 'the weed is thick' : 'the weed is more than sparse');
    if (left === 'w.density') {
      const names = ['none', 'sparse', 'medium', 'thick'];
      const name = names[literal as number]!;
      if (sign === '===') return one(`the cover is ${name}`);
      if (literal === names.length - 1 && !below) return one(`the cover is ${name}`);
      return one(below ? `the cover is ${name} at most` : `the cover is ${name} or thicker`);
    }
    const choice = /^w\.water\.(\w+)$/.exec(left)?.[1];
    if (choice && choice in CHOICES) {
      const words = CHOICES[choice]![String(literal)];
      return words ? this.words(words, sign !== '===') : this.fail(node);
    }
    if (left === 'w.water.cover.length') return one('there are several kinds of cover');
    if (left === 'w.water.forage.length')
      return one(
        literal === 0 ? `what they eat is ${sign === '===' ? 'not known' : 'known'}` : 'they eat one thing only',
      );
    if (left === 'w.water.forage[0]')
      return one(`${valueOf(String(literal))} ${sign === '===' ? 'is' : 'is not'} first among their food`);
    if (left.includes('band?.fromM')) return one(`it is wanted from ${this.length(right)} down`);
    if (left.includes('band?.toM')) return one(`it is wanted down to ${this.length(right)} or deeper`);
    if (left === 'w.water.band') return one('a depth is asked for');
    if (left === 'w.weedTopM')
      return one(literal === null ? 'the top of the weed is known' : 'it ends more than {in 6} below the surface');
    if (left === 'w.family') return one(`it is ${sign === '===' ? '' : 'not '}about ${valueOf(String(literal))}`);
    return this.ofRig(node, left, sign, literal);
  }

  private ofRig(node: ts.BinaryExpression, left: string, sign: string, literal: string | number | null): Said {
    const not = sign === '!==' ? 'not ' : '';
    if (left === 'kind(h)') return one(`the trailer is ${not}a ${valueOf(String(literal))}`);
    if (left === 'style(h)') return one(`it is ${not}a ${valueOf(String(literal))} head`);
    if (left === 'h.rig.family') return one(`it is ${not}${FAMILY_WORDS[String(literal)] ?? this.fail(node)}`);
    if (left === 'lengthIn(h)')
      return one(`the trailer is {in ${literal}} long ${sign.startsWith('<') ? 'at most' : 'or longer'}`);
    if (left === 'h.match') {
      if (literal === 'not-applicable') return one(`its tail ${not ? 'works' : 'does not work'} against a head`);
      return one(`the match of tail and head is ${not}${valueOf(String(literal))}`);
    }
    if (left === 'h.rig.trailer') return one('it has a trailer');
    if (left === 'h.rig.skirt') return one('it has a skirt');
    if (left === 'h.rig.core') return one('it has a bright core');
    if (left === 'h.rig.trailer?.hang') return one('the trailer hangs by its end');
    if (left === 'h.rig.blade?.size') return one(`its plate is ${not}${literal}`);
    if (left === 'h.rig.guard?.kind') return one(`its guard is of ${literal === 'fibre' ? 'fibres' : 'wire'}`);
    if (left === 'h.rig.arms?.squeezed') return one('its arms are not pressed together yet');
    if (left.includes('rig.guard?.fibres')) return one(`its guard has ${literal} fibres or more`);
    if (left.includes('rig.skirt?.strands')) return one(`its skirt has ${literal} strands or more`);
    if (left === 'h.rig.head.weightOz') return one(`the head weighs {oz ${literal}} at most`);
    if (left.includes('paceMps')) return one('it is brought back very fast');
    if (left === 'water.localRules?.hooksPerLine') return one('no hook is allowed here');
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
      return this.words(['it is a finesse head', 'it is a full-size head'], not);
    return this.fail(node);
  }

  private call(node: ts.CallExpression, not: boolean): Said {
    const text = node.expression.getText(this.file);
    const args = node.arguments;
    if (text.endsWith('.belowF')) {
      const tempF = args[0]!.getText(this.file);
      return one(not ? `the water has {F ${tempF}} or more` : `the water is colder than {F ${tempF}}`);
    }
    if (text.endsWith('.has')) {
      const name = COVER_NAME[(args[0] as ts.StringLiteral).text as CoverKind];
      const many = /[^s]s$/.test(name);
      return one(`there ${many ? 'are' : 'is'} ${not ? 'no ' : many || !COUNTED.has(name) ? '' : 'a '}${name}`);
    }
    if (text.endsWith('forage.includes'))
      return one(`they ${not ? 'do not ' : ''}eat ${(args[0] as ts.StringLiteral).text}`);
    if (text === 'is') {
      const heads = args.slice(1).map((arg) => (arg as ts.StringLiteral).text);
      return one(`it is ${not ? 'no' : 'a'} ${heads.join(' or ')} head`);
    }
    if (text === 'Boolean') {
      const part = args[0]!.getText(this.file).replace('h.rig.', '');
      return one(`it has ${not ? 'no' : 'a'} ${part === 'core' ? 'bright core' : part}`);
    }
    if (text === 'trailerHookAllowed')
      return one(not ? 'no trailer hook is allowed here' : 'a trailer hook is allowed here');
    if (text.endsWith('.includes')) {
      const list = node.expression as ts.PropertyAccessExpression;
      const names = list.expression.getText(this.file).match(/'[\w-]+'/g) ?? [];
      const listed = names.map((name) => valueOf(name.slice(1, -1))).join(' or ');
      const about = args[0]!.getText(this.file);
      if (about === 'style(h)') return one(`it is ${not ? 'no' : 'a'} ${listed} head`);
      if (about === 'kind(h)') return one(`the trailer is ${not ? 'no' : 'a'} ${listed}`);
      return this.fail(node);
    }
    if (text.endsWith('.every')) return one('all its blades are round');
    if (text.endsWith('.some')) return one('one of its blades is large and round');
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
        found[id.text] = always ? 'always' : joined(translator.say(body));
      }
    }
    ts.forEachChild(node, visit);
  };
  visit(file);
  return found;
}
