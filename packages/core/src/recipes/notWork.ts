/** Sentences of a method that tell of no work, and why. */
const kinds: readonly { readonly why: string; readonly pattern: RegExp }[] = [
  {
    why: 'a tip',
    pattern:
      /^(?:\W*)(?:(?:pro|top|quick|chef['’]?s?|cook['’]s) tips?|tips?|notes?|cook['’]s notes?|hints?|n\.?b\.?|ps|p\.s\.|faq|storage|variations?|optional extras?)\b\s*[:.–-]/i,
  },
  {
    why: 'how many it feeds',
    pattern:
      /^(?:they make|(?:it |that |this )?(?:['’]s |is )?(?:serves|feeds|does|makes|enough for))\b[^.]*\b(?:\d+|two|three|four|five|six|eight|ten|twelve|sixteen|eighteen|twenty|people)\b[^.]*[.!]?$/i,
  },
  {
    why: 'talk',
    pattern:
      /^(?:get|have) everything\b|^(?:gather|assemble) (?:all )?(?:the |your )?ingredients\b|^(?:hi|hello|dear|hey)\b[^.]*[!,]?$|^(?:hi|hello|dear|hey)\b[^.:]*\b(?:asked|wanted|promised|begged)\b[^.:]*[.!]?$/i,
  },
  {
    why: 'how many it feeds',
    pattern:
      /\b(?:this|it|that|which) (?:does|feeds|serves) (?:about )?(?:\d+|two|three|four|five|six|eight|ten|twelve)(?: of us| people)?\W*$/i,
  },
  // "Let it cool or the pastry goes soggy": why, of what was told before.
  {
    why: 'a warning',
    pattern:
      /^\W*(?:(?:and )?seriously,? )?(?:let|leave) (?:it|them) (?:to )?(?:cool|rest|chill)\b[^.;]*\bor (?:else )?(?:it|they|the|your)\b/i,
  },
  {
    why: 'what it is like',
    pattern:
      /^\W*(?:it|this|they)(?:['’]ll| will)? (?:thickens?|sets?|firms? up|softens?|crisps? up|darkens?) (?:up )?(?:as|when|while) (?:it|they) (?:sits?|stands?|cools?|waits?)\b/i,
  },
  { why: 'what the author likes', pattern: /^i (?:sometimes|occasionally|often|might|also like|like to|love to)\b/i },
  { why: 'an aside', pattern: /^\(|^[^(]*\)[.!]?$/ },
  {
    why: 'how it keeps',
    pattern:
      /^(?:it |they |this |these |the [\p{L} ]{2,30} |any |leftovers? )?(?:will |can be |may be )?(?:also )?(?:keeps?|stores?|stored|freezes?|frozen|last[s]?|refrigerated|made (?:up to|ahead|the day|in advance|a day|\d)|prepared (?:ahead|in advance))\b(?=[^.]*\b(?:days?|weeks?|months?|well|fridge|freezer|ahead|advance|before|point|beautifully)\b)/iu,
  },
  {
    why: 'how it keeps',
    pattern:
      /^(?:(?:this|it|they|the \w+) )?can (?:all )?be (?:put together|assembled|made|frozen|prepared|kept|done|stored)\b/i,
  },
  { why: 'how it keeps', pattern: /^(?:to make ahead|make[- ]ahead|to (?:freeze|store|reheat))\b/i },
  {
    why: 'how it keeps',
    pattern:
      /\bfreez(?:e|es|ing) for up to\b|\breheat(?:ed)? (?:until|till?|thoroughly)\b|^(?:about )?\d+ (?:days?|wks?|weeks?|months?) in (?:the )?(?:fridge|freezer)\b/i,
  },
  {
    why: 'only if something happens',
    pattern: /^(?:and )?(?:if|in case|should|unless)\b(?! (?:you (?:have|haven['’]t)|using))/i,
  },
  { why: 'another way', pattern: /^(?:you|we|one) (?:can|could|may|might)(?: also| even| always)?\b/i },
  {
    why: 'another way',
    pattern:
      /^(?:alternatively|or (?:else )?(?:use|try|swap|overnight)|for a (?:vegan|gluten|dairy|nut|spicier|richer|lighter|thicker|thinner))\b/i,
  },
  {
    why: 'what not to do',
    pattern: /^(?:do not|don['’]?t|never|avoid|no need|try not|be careful not|resist|there['’]?s no need)\b/i,
  },
  {
    why: 'what the author likes',
    pattern:
      /^(?:i|we|my \w+|our \w+|the (?:kids|children|boys|girls)|everyone|everybody|she|he) (?:really |always |often |usually |sometimes |also )?(?:likes?|loves?|prefers?|thinks?|swears?|find|agree|forgot|once|had|serve it|eat it|eat this|know|don['’]?t|never|was|am|had|make (?:it|this)|made|wouldn['’]?t)\b/i,
  },
  {
    why: 'what it is like',
    pattern:
      /^(?!it(?:['’]s| is) (?:about )?\d+\s?(?:g|kg|ml|l|oz|lb)\b)(?:it|this|that|these|they)(?:['’]s(?! about)| is| are|['’]ll| will| tastes?| was| looks?| needs? to look| should| won['’]t| goes (?:well|with)|['’]re)\b/i,
  },
  {
    why: 'what it is like',
    pattern:
      /^(?:tastes|slices (?:up )?(?:better|well)|cuts (?:better|well)|even better|better|best|perfect|delicious|lovely|great|enjoy|so good|trust me|ready (?:to eat|when)|ready in)\b/i,
  },
  { why: 'a tip', pattern: /\bleftovers\b[^.]*!$|^(?:use|toast|freeze|save) (?:up )?(?:any|the) leftovers?\b/i },
  { why: 'serving suggestion', pattern: /^[\p{L} ]{3,30} on the side\b(?!s)/iu },
  { why: 'serving suggestion', pattern: /^(?:lovely|great|good|delicious|nice|perfect) (?:with|on|in|for)\b/i },
  {
    why: 'talk',
    pattern:
      /\?\s*$|^(?:love to|thanks|enjoy|happy cooking|just saying|bon app|that['’]s it|and that['’]s|done|voil|let me know|good luck|there you go|cheers)\b/i,
  },
];

/** Why a sentence tells of no work; undefined where it may. */
export const isNoWork = (sentence: string): string | undefined =>
  kinds.find(({ pattern }) =>
    pattern.test(sentence.trim().replace(/^(?:(?:ok(?:ay)?|right|well|now|so|and|anyway),?\s+)+/i, '')),
  )?.why;
