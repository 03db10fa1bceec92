import type { Mask, Need, RinseAdvice } from '../../mask';
import { clausesOf, minutesIn, type Clause } from './sentences';

/** What of a mask a text says beside its measures. */
export type UseFields = Partial<
  Pick<
    Mask,
    'wear' | 'heat' | 'hairState' | 'slot' | 'coverage' | 'applicator' | 'strained' | 'mixing' | 'repeatDays' | 'needs'
  > & { readonly rinse: Partial<RinseAdvice> }
>;

/** A stretch of the text and what it was taken for. */
export interface UseReading {
  readonly what: keyof UseFields | 'shampoos' | 'conditioner' | 'acidRinse' | 'temperature';
  readonly words: string;
  readonly from: number;
  readonly to: number;
}

/** All that a text says of how a mask is used. */
export interface UseRead {
  readonly fields: UseFields;
  /** Other lengths of wear that the text offers beside the first: an hour, or overnight. */
  readonly otherWears: readonly Mask['wear'][];
  /** In the order they stand. */
  readonly readings: readonly UseReading[];
}

/** A time that is not that of the mask on a head: in a kitchen, between two uses, of a test, of what follows. */
const ELSEWHERE =
  /\b(?:boil|simmer|cook|bake|steam (?:it|the|until)|soak|swell|stand|cool (?:it|down|for|the)|cools|steep|infuse|blend|chill|fridge|refrigerat|microwave|oven|off the heat|stir|whisk|beat|patch[- ]test|test|elbow|prep|every|keeps|last wash|total)/i;
const ON_HEAD =
  /\b(?:leave|left|keep|wear|worn|sit|sits|stays?) (?:it |this |the mask )?(?:on|in|under|beneath)\b|\b(?:cap|hood|dryer|on (?:your |my |damp |dry |wet )*hair)\b/i;
const UNDER_A_HOOD = /^(\d+)\s*(?:min\w*\s*)?(?:under|beneath)\b[^,]*\b(?:hood\w*|dryer|steamer)/i;
const OVERNIGHT = /\b(?:overnight|sleep (?:in|with|on)|all night|till (?:the )?morning|until (?:the )?morning)\b/i;
const AT_MOST =
  /\b(?:no (?:longer|more) than|not (?:longer|more) than|at most|max(?:imum)?\.?(?: of)?|up to|never (?:longer|more|past)(?: than)?)\s*$/i;
const AT_MOST_AFTER = /^[^,.;:]{0,20}\b(?:at (?:the )?most|max(?:imum)?|tops)\b/i;
/** A conditioner waits too, and is not the mask. */
const OF_CONDITIONER = /\bcondition\w*\b[^,]*$/i;
const AT_LEAST = /\b(?:at least|no less than|min(?:imum)?\.?(?: of)?)\s*$/i;
const BETTER = /\b(?:if you (?:can|have)|better|ideal(?:ly)?|best|or more|preferably)\b/i;

/** Overnight, minutes: eight hours, an hour less or more. */
const NIGHT = { aim: 480, limit: 540 } as const;
const to5 = (minutes: number): number => Math.max(1, Math.round(minutes / 5) * 5);

/** Whether a time is not that of the mask on a head, by what stands around it up to the next commas. */
function isElsewhere(words: string, at: number): boolean {
  const start = words.lastIndexOf(',', at) + 1;
  const next = words.indexOf(',', at);
  const around = words.slice(start, next < 0 ? words.length : next);
  return ELSEWHERE.test(around) && !ON_HEAD.test(around);
}

/** One of several lengths that are offered, not the better end of one. */
const ALTERNATIVE = /\b(?:in a hurry|no time|if not|otherwise|short version|long version)\b/i;
const otherWear = (aimMinutes: number): Mask['wear'] => ({
  minimumMinutes: to5((aimMinutes * 2) / 3),
  aimMinutes,
  limitMinutes: 2 * aimMinutes,
});
const NIGHT_WEAR: Mask['wear'] = { minimumMinutes: 360, aimMinutes: NIGHT.aim, limitMinutes: NIGHT.limit };

/** The wear time of a text: least, aim and limit, from what is said of waiting on a head; and the other lengths it offers. */
function wearIn(
  clauses: readonly Clause[],
): { wear: Mask['wear']; others: readonly Mask['wear'][]; clauses: Clause[] } | undefined {
  let [least, aim, limit] = [Infinity, 0, 0];
  const others: Mask['wear'][] = [];
  let isLeastSaid = false;
  const used: Clause[] = [];
  for (const clause of clauses) {
    const { words } = clause;
    // "30 min in the cap, then 15 under the hood": both are worn, one after the other.
    const hood = UNDER_A_HOOD.exec(words);
    if (hood && aim > 0) {
      aim += Number(hood[1]);
      least = aim;
      used.push(clause);
      continue;
    }
    const times = minutesIn(words).filter(({ at }) => !isElsewhere(words, at));
    const isNight =
      OVERNIGHT.test(words) &&
      !/\b(?:not|never|don.?t|do not)\b[^.]*(?:overnight|sleep)|\bovernight is (?:too|not)/i.test(words);
    // A cap for an hour, of it a quarter under a hood: the longer one is how long it is worn.
    const worn = times.filter(
      ({ at }) => !/\b(?:hood|dryer|steamer)\b[^,]*$/i.test(words.slice(0, at)) || times.length === 1,
    );
    const isOffered = ALTERNATIVE.test(words) || (isNight && worn.length > 0);
    for (const [i, { from, upTo, at }] of worn.entries()) {
      const before = words.slice(Math.max(0, at - 22), at);
      if (OF_CONDITIONER.test(before) && !/\binstead of\b/i.test(before)) continue;
      if (AT_MOST.test(before) || AT_MOST_AFTER.test(words.slice(at))) {
        limit = Math.max(limit, upTo);
        continue;
      }
      if (isOffered && i > 0) {
        others.push(otherWear(upTo));
        continue;
      }
      least = Math.min(least, from);
      if (AT_LEAST.test(before)) isLeastSaid = true;
      else aim = Math.max(aim, BETTER.test(words.slice(at)) ? upTo : upTo > from ? to5((from + upTo) / 2) : from);
      if (upTo > from) limit = Math.max(limit, upTo);
    }
    if (isNight) {
      if (least < Infinity || aim > 0) others.push(NIGHT_WEAR);
      else {
        [least, aim] = [60, NIGHT.aim];
        limit = Math.max(limit, NIGHT.limit);
      }
    }
    if (worn.length > 0 || isNight) used.push(clause);
  }
  if (used.length === 0) return undefined;
  if (least === Infinity) least = to5((limit * 2) / 3);
  const isSingle = aim === 0 || aim === least;
  const aimMinutes = Math.max(aim, least);
  const limitMinutes = Math.max(limit, aimMinutes, limit > 0 ? 0 : 2 * aimMinutes);
  const minimumMinutes = isSingle && limit === 0 && !isLeastSaid ? to5((aimMinutes * 2) / 3) : least;
  return {
    wear: {
      minimumMinutes: Math.min(Math.round(minimumMinutes), Math.round(aimMinutes)),
      aimMinutes: Math.round(aimMinutes),
      limitMinutes: Math.round(limitMinutes),
    },
    others,
    clauses: used,
  };
}

interface Pattern<T> {
  readonly is: T;
  readonly when: RegExp;
}
const NEEDS: readonly Pattern<Need>[] = [
  {
    is: 'dry',
    when: /\b(?:for|good for|helps?|my) (?:very |really )?(?:dry|thirsty|parched)\b|\bdryness\b|\bdry ends\b/i,
  },
  { is: 'breakage', when: /\b(?:breakage|split ends|snaps?|snapping|brittle|breaking|strengthen\w*)\b/i },
  { is: 'frizz', when: /\bfrizz/i },
  { is: 'tangles', when: /\b(?:detangl\w*|tangles?|knots)\b/i },
  { is: 'dull', when: /\b(?:shin[ey]\w*|dull(?:ness)?|gloss\w*)\b/i },
  { is: 'oily-roots', when: /\b(?:oily|greasy) (?:roots|scalp|hair)\b/i },
  { is: 'flakes-or-itch', when: /\b(?:flak\w+|itch\w*|dandruff)\b/i },
];
const HEATS: readonly Pattern<Mask['heat']>[] = [
  {
    is: 'never',
    when: /\b(?:no heat|without heat|do not heat|don.?t (?:use )?heat|never (?:use )?heat|no dryer|never with a dryer)\b|\bheat: (?:none|no)\b/i,
  },
  {
    is: 'dryer-may-help',
    when: /\b(?:hood(?:ed)?|hair ?dryer|bonnet dryer|steamer|heat cap|hot towel|warm towel|sit under (?:a|the) dryer)\b/i,
  },
  {
    is: 'cap',
    when: /(?<!\b(?:no|without|without a) )\b(?:shower cap|plastic (?:cap|bag|wrap)|cling ?film|cap|cover (?:it|your hair|with)|wrap)\b/i,
  },
];
const STATES: readonly Pattern<NonNullable<Mask['hairState']>>[] = [
  { is: 'towel-dried', when: /\btowel[- ]?dr(?:ied|y)\b/i },
  { is: 'spritzed', when: /\b(?:spritz\w*|damp|mist(?:ed|s)?|slightly wet|dampen\w*)\b/i },
  { is: 'dry', when: /(?:\b(?:on|onto|to|into) (?:your |my )?|^|,\s*)(?:dry|unwashed) hair\b/i },
];
const SLOTS: readonly Pattern<Mask['slot']>[] = [
  { is: 'before-shampoo', when: /\b(?:pre[- ]?(?:poo|wash|shampoo)|before (?:you |i |the )?(?:wash|shampoo)\w*)\b/i },
  {
    is: 'after-shampoo',
    when: /\b(?:after (?:you |i |the )?(?:wash|shampoo)\w*|(?:freshly|just|already)[- ](?:washed|shampooed)|in place of conditioner|(?:on|through|to|into) (?:clean|washed) hair|instead of (?:a |your |my )?conditioner|as (?:a|my|your) conditioner)\b/i,
  },
];
const COVERAGES: readonly Pattern<Mask['coverage']>[] = [
  {
    is: 'roots-to-tips',
    when: /\b(?:roots? to (?:the )?(?:tips?|ends?)|from root|all over|scalp and (?:the )?(?:lengths?|hair)|every strand)\b/i,
  },
  {
    is: 'lengths',
    when: /\b(?:(?:only|just) (?:on |to )?(?:the |your )?(?:ends|lengths?)|(?:lengths?|ends) only|from the (?:ears|mid-?lengths) down|(?:avoid|not on|keep off|away from) (?:the |your )?(?:roots|scalp))\b/i,
  },
  {
    is: 'scalp',
    when: /\b(?:scalp only|only (?:on |to )?(?:the |your )?scalp|(?:into|onto|on) (?:the|your|my) scalp only|massage (?:it )?into (?:the|your|my) scalp)\b/i,
  },
];
const APPLICATORS: readonly Pattern<Mask['applicator']>[] = [
  { is: 'brush', when: /\bbrush (?:it|on)|\b(?:with|tint|dye|pastry) (?:a )?brush\b/i },
  { is: 'bottle', when: /\b(?:squeeze bottle|applicator|nozzle|(?:with|from|in) a (?:\w+ )?bottle)\b/i },
  { is: 'hand', when: /\b(?:with (?:your |my )?(?:hands|fingers)|by hand|fingertips)\b/i },
];
const MIXINGS: readonly Pattern<Mask['mixing']>[] = [
  { is: 'blender', when: /\b(?:blend\w*|whizz\w*|blitz\w*|food processor|liquidis\w*|liquidiz\w*)\b/i },
  {
    is: 'pot',
    when: /\b(?:saucepan|low heat|double boiler|bain[- ]marie|on the stove|melt (?:it|the|them) (?:all|together))\b/i,
  },
  { is: 'fork', when: /\b(?:fork|whisk|mash|stir|mix|beat)\w*\b/i },
];
const STRAINED =
  /\b(?:strain|sieve|sift it|cheesecloth|muslin|through a (?:\w+ )?(?:cloth|sock|stocking|sieve)|tights|squeeze (?:it )?through)\w*\b/i;
const DAYS: readonly { readonly days: number; readonly when: RegExp }[] = [
  { days: 3, when: /\b(?:twice|two times|2 times|2x) (?:a|per|every) week\b/i },
  { days: 7, when: /\b(?:once a week|weekly|every week|once per week|each week)\b/i },
  { days: 14, when: /\b(?:every (?:two|2|other|second) weeks?|fortnight\w*|biweekly|bi-weekly|twice a month)\b/i },
  { days: 28, when: /\b(?:once a month|monthly|every month|every four weeks|every 4 weeks)\b/i },
];
const EVERY = /\bevery (\d+)(?:\s*(?:-|to)\s*(\d+))? (days|weeks)\b/i;

/**
 * Reads what a text says of how a mask is used: how long, how warm, on what hair, before or after a shampoo, what follows, how
 * often, what for. Where the text is silent nothing is said; then the traits of what is in it decide.
 *
 * @returns the fields, and each with the stretch of the text that it was read from
 * @example readUse('Leave it on 30 to 60 minutes under a cap, shampoo twice.').fields.wear?.limitMinutes // 60
 */
export function readUse(text: string): UseRead {
  const clauses = clausesOf(text);
  const readings: UseReading[] = [];
  const note = (what: UseReading['what'], { words, from, to }: Clause): void =>
    void readings.push({ what, words, from, to });
  /** The first clause that says one of them, in the order of the patterns. */
  const one = <T>(
    what: UseReading['what'],
    patterns: readonly Pattern<T>[],
    isFor: (clause: Clause) => boolean = () => true,
  ): T | undefined => {
    for (const { is, when } of patterns)
      for (const clause of clauses)
        if (isFor(clause) && when.test(clause.words)) {
          note(what, clause);
          return is;
        }
    return undefined;
  };
  const isTitle = ({ from, to, words }: Clause): boolean =>
    from === 0 && text[to] === '\n' && !/^(?:mash|mix|blend|stir|whisk|beat)\b/i.test(words);
  const isKitchen = ({ words }: Clause): boolean => ELSEWHERE.test(words);

  const wear = wearIn(clauses);
  wear?.clauses.forEach((clause) => {
    note('wear', clause);
  });
  const heat = one(
    'heat',
    HEATS,
    (clause) => !isKitchen(clause) || /\b(?:cap|bag|film|hood|dryer|no heat)\b/i.test(clause.words),
  );
  const slot = one('slot', SLOTS);
  const hairState = one('hairState', STATES);
  const coverage = one('coverage', COVERAGES);
  const applicator = one('applicator', APPLICATORS);
  const mixing = one('mixing', MIXINGS, (clause) => !isTitle(clause));
  const strained = clauses.find(
    ({ words }) => STRAINED.test(words) && !/\b(?:do not|don.?t|no need to|without) (?:strain|siev)/i.test(words),
  );
  if (strained) note('strained', strained);
  const needs = NEEDS.filter(({ when }) => {
    const clause = clauses.find(({ words }) => when.test(words));
    if (clause) note('needs', clause);
    return clause !== undefined;
  }).map(({ is }) => is);
  const repeatDays = daysIn(clauses, note);
  const rinse = rinseIn(clauses, note);
  return {
    fields: {
      ...(wear ? { wear: wear.wear } : {}),
      ...(heat ? { heat } : {}),
      ...(hairState ? { hairState } : {}),
      ...(slot ? { slot } : {}),
      ...(coverage ? { coverage } : {}),
      ...(applicator ? { applicator } : {}),
      ...(strained ? { strained: true } : {}),
      ...(mixing ? { mixing } : {}),
      ...(repeatDays ? { repeatDays } : {}),
      ...(needs.length > 0 ? { needs } : {}),
      ...(Object.keys(rinse).length > 0 ? { rinse } : {}),
    },
    otherWears: wear?.others ?? [],
    readings: [...readings].sort((a, b) => a.from - b.from),
  };
}

type Note = (what: UseReading['what'], clause: Clause) => void;

function daysIn(clauses: readonly Clause[], note: Note): number | undefined {
  for (const clause of clauses) {
    const every = EVERY.exec(clause.words);
    const known = DAYS.find(({ when }) => when.test(clause.words));
    if (!every && !known) continue;
    note('repeatDays', clause);
    if (known) return known.days;
    const [, from = '1', to, unit] = every ?? [];
    return Math.round((Number(from) + Number(to ?? from)) / 2) * (unit === 'weeks' ? 7 : 1);
  }
  return undefined;
}

const NO_SHAMPOO = /\b(?:no|without|skip|don.?t|do not)(?: need(?: to)?| use)?(?: any| the| a)? shampoo/i;
const TWO_SHAMPOOS =
  /\b(?:shampoo\w*|wash\w*)[^.]*\b(?:twice|two times|two rounds|double)\b|\bshampoo\w*\s*(?:x|×)\s*2\b|\btwo (?:rounds of )?shampoos?\b|\bdouble shampoo/i;
const ONE_SHAMPOO =
  /\b(?:wash|rinse)\w*(?: it| out)*(?: out)? with (?:\w+ ){0,3}shampoo\b|\bshampoo\w*\s*(?:x|×)\s*1\b|,\s*(?:\w+ )?shampoo$|\bshampoo (?:it |out |once|as usual|after|your|afterwards)|\b(?:and|then) shampoo\b|^shampoo\b/i;
const CONDITIONER = /\b(?:then |and |with |use |follow with |your |usual |a )?condition(?:er)?\b/i;
const NO_CONDITIONER = /\b(?:no|without|skip(?: the)?|instead of(?: a| your| my)?|as (?:a|my|your)) conditioner/i;
const ACID =
  /\b(?:vinegar|acv|lemon(?:y)?) (?:rinse|water)|\b(?:rinse\w*|rinsing|pour over)\b[^.]*\bvinegar[^.]*\bwater|\brinse with (?:a (?:little|splash of) )?(?:\w+ )?vinegar|\bacid rinse/i;
const ON_THE_STOVE = /\b(?:boil|simmer|cook|soak|steep|infuse|blend)/i;
const RINSE = /\b(?:rinse|wash|water)\b/i;

function rinseIn(clauses: readonly Clause[], note: Note): Partial<RinseAdvice> {
  const rinse: { -readonly [K in keyof RinseAdvice]?: RinseAdvice[K] } = {};
  for (const clause of clauses) {
    const { words } = clause;
    const isBefore =
      /\b(?:before|pre)\b[^.,]{0,24}\bshampoo/i.test(words) || /\bafter (?:you |i |the )?shampoo/i.test(words);
    if (rinse.shampoos === undefined && !isBefore) {
      const shampoos = NO_SHAMPOO.test(words)
        ? 0
        : TWO_SHAMPOOS.test(words)
          ? 2
          : ONE_SHAMPOO.test(words)
            ? 1
            : undefined;
      if (shampoos !== undefined) {
        rinse.shampoos = shampoos;
        note('shampoos', clause);
      }
    }
    if (
      rinse.conditioner === undefined &&
      /\bconditioner\b|\bcondition\b/i.test(words) &&
      (NO_CONDITIONER.test(words) ||
        /\b(?:then|and|follow|finish|after|use|usual|lengths)\b/i.test(words) ||
        CONDITIONER.test(words.slice(0, 12)))
    ) {
      if (
        !/\b\d|\b(?:tbsp|tablespoons?|cups?|spoons?)\b/i.test(
          words.replace(/\d+(?:\s*(?:-|–|to)\s*\d+)?\s*(?:min|hour|h\b)\w*/gi, ''),
        )
      ) {
        rinse.conditioner = !NO_CONDITIONER.test(words);
        note('conditioner', clause);
      }
    }
    if (rinse.acidRinse === undefined && ACID.test(words)) {
      rinse.acidRinse = true;
      note('acidRinse', clause);
    }
    if (rinse.temperature === undefined && RINSE.test(words) && !ON_THE_STOVE.test(words)) {
      const temperature = /\blukewarm\b[^.]*\b(?:cold|cool)\b/i.test(words)
        ? 'lukewarm-then-cool'
        : /\b(?:cool|cold)\b/i.test(words)
          ? 'cool-to-lukewarm'
          : /\blukewarm\b|\btepid\b/i.test(words)
            ? 'lukewarm'
            : /\bwarm water\b/i.test(words)
              ? 'warm'
              : undefined;
      if (temperature) {
        rinse.temperature = temperature;
        note('temperature', clause);
      }
    }
  }
  return rinse;
}
