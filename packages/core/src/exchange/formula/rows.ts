import type { MeasureSystem } from '../../measure';
import { readAmount } from '../readAmount';
import { matchNames, type Names } from '../words';
import { expanded, PARTS } from './expand';
import { withoutRemarks } from './remarks';

const HEADERS =
  /^(?:ingredients?|you(?:’|')?ll need|you (?:will )?need|what you need|what goes in|for the (?:mask|bowl)|measures)\s*:?\s*$/i;
const STEP_HEADERS =
  /^(?:method|steps?|directions?|instructions?|how(?: to make(?: it)?| i (?:make|do) it)?|preparation|making|what (?:to|i) do)\s*:?\s*$/i;
const VERBS =
  /^(?:then\s+|now\s+|first,?\s+|finally,?\s+|next,?\s+|i\s+|you\s+|we\s+|just\s+|either\s+|and\s+)?(?:mash|blend|mix|stir|boil|simmer|apply|leave|rinse|whisk|strain|add|heat|warm|beat|combine|cut|peel|wait|cover|wash|cook|massage|put|let|use|pour|spread|comb|work|press|scoop|drain|separate|fold|melt|cool|soak|wear|keep|smooth|section|place|grate|squeeze|dab|sit|tie|twist|air|sift|rub|spritz|mist|shampoo|condition|relax|sleep|take|do|make|coat|part|pop|store|freeze|wrap|bring|turn|throw|blitz|pulse|chop|slice|test|follow|repeat|detangle|avoid|start|go|finish|enjoy|clip|roll|wring|blot|dry|shake|spray|paint|push|whizz|crack|fork|whip|dampen|towel|watch|skip|try|remember|don.?t|never|always)\b/i;
/** A number that counts time or times is no measure. */
const OF_TIME =
  /^(?:about |for |around |up to |at least |at most )?[\d½¼¾.,\s/–-]*(?:half an?|an?|one|two|three|ten|fifteen|twenty|thirty|forty|once|twice)?[\s-]*(?:(?:to|or|and a half)\s+)?(?:(?:\d+|one|two|three|fifteen|twenty|thirty|forty)\s*)?(?:minutes?|mins?|hours?|hrs?|h|times?|days?|weeks?|months?|once|twice|stars?)\b/i;
/** Words that no measure begins with. */
const SAYS =
  /^(?:every|once|twice|only|on|onto|from the|from a|with your|under|after|before|until|if|when|while|this|that|it|it[’']s|its|i|i[’']m|we|you|my|his|her|our|so|ok|hi|dear|what|these|they|good|great|best|works?|perfect|careful|warning|caution|no|not|makes|smells|feels|leaves|gives|helps|halve|double|serves|enough|optional|weekly|monthly|fortnightly|overnight|cap|pre|hugs|love|scalp|lengths|ends|roots|section|either|hot towel|shower cap|applicator|as)\b/i;
/** A word and a colon that tell of use. */
const LABELLED =
  /^(?:time|times|wear|leave(?: it)?(?: in| on)?|frequency|how (?:long|often)|serves|prep(?: time)?|makes|rinse|hair|heat|cap|when|after|before|boil[\w ]*|strain\w*|repeat|note|notes|tip|tips|use|total|applied?|yield)\s*[:=]/i;
/** How a measure begins in words. */
const STARTS =
  /^(?:(?:an?|the|one|two|three|four|five|six|half|some|few|couple|equal|plus|and|also|juice|gel|flesh|pulp|yolks?|whites?|between|about)\b)/i;
const FOR = /^for\b/i;
const SENTENCE = /[.!?]\s+[A-Z]|[.!?]$/;
const MANY_WORDS = 12;

/** Things that lie beside the bowl. */
const TOOLS =
  /^(?:an?\s+|one\s+|\d+\s+)?(?:(?:old|wide|large|small|clean|wooden|glass|plastic|soft|dark|fine|hair|tint|wide-tooth(?:ed)?)\s+)*(?:shower cap|cap|towels?|bowl|comb|brush|tint brush|blender|whisk|fork|spoon|sieve|cloth|muslin|cheesecloth|t-?shirt|gloves|clips|spray bottle|bottle|cling ?film|scarf|foil|jar)\s*[.!]?$/i;

export const isHeader = (row: string): boolean => HEADERS.test(row);
export const isStepHeader = (row: string): boolean => STEP_HEADERS.test(row);
/** "Time:", "Leave in:": what tells of use. */
export const isLabel = (row: string): boolean => LABELLED.test(row);
export const isTool = (row: string): boolean => TOOLS.test(row);

/** A sentence, not a measure: it does something, or counts time, or goes on and on. */
export function isProse(row: string, system: MeasureSystem, names: Names): boolean {
  const words = row.split(/\s+/).length;
  if (OF_TIME.test(row) || LABELLED.test(row) || isTool(row)) return true;
  if (PARTS.test(row)) return false;
  const named = matchNames(row, names).found.length;
  const amount = readAmount(row, system);
  if (SAYS.test(row) && !(named > 0 && (words <= 2 || /^enough\b/i.test(row)))) return true;
  if (VERBS.test(row) && (words > 1 || named === 0)) return true;
  if (FOR.test(row) && (amount === undefined || named === 0)) return true;
  // What ends like a sentence and names nothing of the kitchen is one.
  if (/[.!?]$/.test(row) && words > 2 && named === 0) return true;
  // A number somewhere in a sentence is no amount at its head.
  const left = withoutRemarks(row, (text) => matchNames(text, names).found.length > 0).text.split(/\s+/).length;
  if (left > 4 && !/\d|[½¼¾⅓⅔⅛]/.test(row) && !STARTS.test(row)) return true;
  if (amount === undefined)
    return (named === 0 && words > 4) || (words > 4 && (SENTENCE.test(row) || words > MANY_WORDS));
  return false;
}

/** A title, even one that holds a number, a comma or an ingredient: short, first, and nothing that could be measured out. */
export function looksLikeName(row: string, system: MeasureSystem): boolean {
  if (/^#+\s/.test(row)) return true;
  const words = row.split(/\s+/).length;
  if (words > 10 || /[.?]$/.test(row) || /[.!?]\s+[A-Z]/.test(row) || PARTS.test(row)) return false;
  if (expanded(row).texts.length > 1 || /^[\d½¼¾⅓⅔⅛]/.test(row)) return false;
  if (/\b(?:mask|treatment|hair ?pack|rinse|recipe|pre-?poo|deep condition\w*)\b[^\d]*$/i.test(row)) return true;
  if (VERBS.test(row) || OF_TIME.test(row) || /^for (?:\d|one|two|three)\b/i.test(row)) return false;
  return readAmount(row, system) === undefined;
}
