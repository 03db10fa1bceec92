import { within, type Span } from './span';

/** How an amount begins in a sentence. */
const STARTS =
  '(?:\\d[\\d\\s./,]*|[¼½¾⅓⅔⅛]|half (?:an?|of an?)|an?|one|two|three|four|five|six|a couple of|a few|the juice of|juice of)';
const UNITS =
  '(?:tbsps?|tablespoons?|tsps?|teaspoons?|spoons?|spoonfuls?|cups?|ml|millilit(?:re|er)s?|g|grams?|oz|ounces?|drops?|pinch(?:es)?|dashes?|dash|glugs?|splash(?:es)?|handfuls?|squeezes?|dollops?|drizzles?|knobs?|dessertspoons?)';
/** Where a measure ends in a sentence: at the next one, or where the sentence goes on. */
const ENDS = `(?=\\s+(?:and|with|plus|goes|go|to|in|into|onto|on|then|over|until|till|for|so|which|that|by|before|after|through|together|at)\\b|[,.;:!()]|$)`;
const MEASURE = new RegExp(
  `(?<![\\w/.,-])(${STARTS}(?:\\s*(?:-|–|to|or)\\s*(?:\\d+|two|three|four))?(?:\\s+(?:heaped|level|big|small|medium|large|ripe|very|whole|good|soft|raw|fresh))*\\s*(?:${UNITS}\\b\\.?)?(?:\\s+of)?\\s+(?!(?:until|till|to|and|or|on|in|into|with|for|at|then|so|if|when|before|after|the)\\b)[a-z][a-z' -]*?)${ENDS}`,
  'gi',
);

/** Where a sentence goes on from the bowl to the head: from there on nothing is measured into the bowl. */
const ON_A_HEAD =
  /\b(?:(?:and |then )?(?:put it|leave|rinse|rinsing|pour (?:it )?over|wear|shampoo|wash|apply|smooth it|work it|massage|comb)|(?:on|onto|to|into|through) (?:\w+ )?(?:hair|scalp)|under (?:a|the)|for \d+ (?:min|hour)|twice a|once a|every \w+ week)\b/i;

/**
 * The stretches of a sentence that may be measures, as they are written: "two ripe bananas", "3 tbsp yogurt". Whether they are
 * is for whoever knows the ingredients.
 * @example measuresIn({ text: 'Mash two ripe bananas with 3 tbsp yogurt', from: 0 }).map(({ text }) => text) // ['two ripe bananas', '3 tbsp yogurt']
 */
export function measuresIn(sentence: Span): readonly Span[] {
  const head = ON_A_HEAD.exec(sentence.text)?.index ?? sentence.text.length;
  return [...sentence.text.slice(0, head).matchAll(MEASURE)].map((found) =>
    within(sentence, found.index, found.index + (found[1] ?? '').length),
  );
}
