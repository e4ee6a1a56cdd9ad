/**
 * Words a technician reads twice, or that name a thing twice: what to say instead, and why. docs/words.md is the glossary. A rule is never switched off for
 * a file; a text that is right in spite of it is named in `right`, by itself.
 *
 * @typedef {{ pattern: RegExp, say: string, why: string }} Banned
 */

/** @type {readonly Banned[]} */
export const BANNED = [
  [
    '\\b(stands?|stood|standing)\\b(?! (water|pressure))',
    'is, are, equipment',
    'translated: nothing stands in a label',
  ],
  ['\\btaken\\b', 'assumed, measured', 'a figure is assumed or measured'],
  ['\\b(is|was|are|were|been|be|nobody|what was|nothing|not) said\\b', 'entered, reported', 'nobody speaks to the app'],
  ['\\b(is|was|are|were|be) told\\b', 'shown, reported', 'passive and vague'],
  [
    '\\bweigh(s|ed|ing)?\\b(?!( the charge| refrigerant)? in\\b|ed in\\b)',
    'try, compare',
    'only refrigerant is weighed (in)',
  ],
  ['\\bmend(s|ed|ing)?\\b', 'fix, edit, correct', 'not a word of the trade'],
  ['\\bparts (it|them|what|the|relay|one|those|these)\\b', 'tells … apart', 'parts are for the truck'],
  ['\\bfor nothing\\b|\\blies off\\b', 'plainly', 'proverb'],
  ['\\bwants\\b', 'needs', 'a machine wants nothing'],
  ['\\bLacks\\b|\\blacks\\b|\\bis lacking\\b', 'Missing: …', 'say what is missing first'],
  ["\\bmakers?'?s?\\b(?! up)", 'manufacturer', 'one name'],
  ['\\bmaker’s\\b', 'manufacturer’s', 'one name'],
  ['\\b(the|its|their) book\\b', 'blower table', 'one name'],
  ['(?<!pass )(?<!dead)\\bband\\b', 'target range', 'one name'],
  ['\\b(lands?|landing|landed)\\b', 'meets the target', 'a plan does not land'],
  ['\\b(its|their|a) shares?\\b|\\bshares? of the (static|plate)\\b', 'budget', 'one name'],
  ['\\bstretch(es)?\\b', 'section', 'one name'],
  ['\\bstations?\\b', 'step', 'one name'],
  ['\\b(prove[sn]?|proved|proving|proofs?)\\b(?! switch)', 'verify, verified', 'one name'],
  ['\\bupkeep\\b', 'maintenance', 'one name'],
  ['\\bhand(s|ed)?[ -]over\\b|\\bhandover\\b', 'wrap up', 'one name'],
  ['\\b(the |a |one |this |these |no |other |each |every )moves?\\b(?! (air|on|the))', 'fix', 'one name'],
  ['\\bgate\\b', 'ready to judge charge', 'one name'],
  ['\\busual curves?\\b', 'typical curve', 'one name'],
  ['\\bset(s|ting)? aside\\b|\\bput aside\\b', 'exclude', 'one name'],
  ['(?<!flow )\\b[Pp]lates?\\b', 'nameplate', 'one name'],
  ['\\b\\d+ a ton\\b|\\} a ton\\b|^a ton\\b|CFM a ton\\b', 'per ton', 'unit'],
  ['\\b[Pp]ut right\\b', 'Fixed', 'one word for one state'],
  ['\\bdealt with\\b', 'Fixed', 'one word for one state'],
  ['\\bbeside each other\\b', 'Split view', 'trade English'],
  ['\\bheld against\\b', 'compared with', 'translated'],
  ['\\bis silent\\b|\\bare silent\\b', 'gives no limit', 'a nameplate does not speak'],
  ['\\bspeaks?\\b', 'means, assumes', 'a table does not speak'],
  ['\\bsick\\b', 'faulty', 'units are not sick'],
  ['\\bof its own\\b|\\bof their own\\b', 'separate, own', 'translated'],
  ['\\bfor good\\b', 'permanently', 'idiom'],
  ['\\b(Bench)\\b', 'Calculators', 'one name'],
  ['\\bCrossing\\b', 'Fan curve and duct system', 'one name'],
  ['\\bAirway\\b', 'Pressure profile', 'one name'],
  ['\\bin \\d+ of 100\\b|\\d+ in 100\\b|\\} in 100\\b', '30 %', 'odds are percentages'],
  ['\\b(nought|thrice|thence|hence|whence|amid|upon|shall|whilst|lest)\\b', 'plain words', 'bookish'],
  ['\\boptimal\\b|\\bsmart\\b|\\bAI\\b', 'nothing', 'sales talk'],
].map(([pattern, say, why]) => ({
  pattern: new RegExp(
    pattern,
    pattern.includes('Bench') || pattern.includes('Airway') || pattern.includes('Crossing') ? 'u' : 'iu',
  ),
  say,
  why,
}));

export const MOST_WORDS = 20;
export const MOST_WORDS_OF_A_LABEL = 3;
export const MOST_WORDS_OF_A_BUTTON = 5;

/** A figure with a US unit that a person may have changed: the figure belongs into `shownWords`, which brings its unit. */
export const UNITS =
  /(\d|\{\})\s?(in\. w\.c\.|°F|CFM|fpm|psig)|\{\} (in|ft)\.?(?=$|[,;:)]| (round|pitch|of|on|from|and)\b)/;
/** What is sent and stored is in US units whoever reads it: sentences about files and the API name them. */
export const SPEAKS_STORED_UNITS = /^(contract\/src\/(csv\/|blowerTable\.ts)|server\/src\/openapi\/)/;

/** Beginnings of buttons that name a thing where the act belongs. */
export const NOT_A_VERB = /^(the|a|an|all|other|another|more|it|no|to|with|whole)\b/i;

/** Sentences of a text: ends at a full stop, a question mark, a colon that opens a list of its own, or a semicolon. */
export const sentencesOf = (text) =>
  text
    .replace(/\b(in|ft|e\.g|i\.e|No|min|max|w\.c|lb|oz)\. ?(?=[a-z\d)])/g, '$1 ')
    .split(/(?<=[.?!…])\s+(?=[A-Z{“(\d])|\n+/)
    .filter((sentence) => /[A-Za-z]/.test(sentence));

/** What is put in counts as one word. */
export const wordsOf = (sentence) =>
  sentence
    .replace(/\{[^}]*\}/g, ' x ')
    .split(/[\s–—/]+/)
    .filter((word) => /[\p{L}\p{N}]/u.test(word)).length;
