import { Parser } from 'htmlparser2';

const blocks = new Set([
  'p',
  'div',
  'li',
  'br',
  'h1',
  'h2',
  'h3',
  'h4',
  'h5',
  'h6',
  'tr',
  'ul',
  'ol',
  'section',
  'article',
  'header',
  'footer',
  'td',
  'dt',
  'dd',
  'table',
  'main',
  'aside',
  'nav',
]);
const silent = new Set([
  'script',
  'style',
  'noscript',
  'template',
  'svg',
  'head',
  'nav',
  'footer',
  'form',
  'button',
  'select',
]);

export interface Page {
  /** What a reader sees, a line for each block. */
  readonly text: string;
  /** The contents of its JSON-LD scripts, unparsed. */
  readonly jsonLd: readonly string[];
}

/** Takes a page apart into what is read and its linked data. Nothing in it is run; markup becomes line ends. */
export function readPage(html: string): Page {
  const pieces: string[] = [];
  const jsonLd: string[] = [];
  let quiet = 0;
  let script: string[] | undefined;
  const parser = new Parser(
    {
      onopentag(name, attributes) {
        if (name === 'script' && /ld\+json/i.test(attributes['type'] ?? '')) script = [];
        if (silent.has(name)) quiet++;
        else if (blocks.has(name)) pieces.push('\n');
      },
      ontext(text) {
        if (script) script.push(text);
        else if (quiet === 0) pieces.push(text);
      },
      onclosetag(name) {
        if (name === 'script' && script) {
          jsonLd.push(script.join(''));
          script = undefined;
        }
        if (silent.has(name)) quiet = Math.max(0, quiet - 1);
        else if (blocks.has(name)) pieces.push('\n');
      },
    },
    { decodeEntities: true },
  );
  parser.write(html);
  parser.end();
  const text = pieces
    .join('')
    .split('\n')
    .map((line) => line.replace(/[^\S\n]+/g, ' ').trim())
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
  return { text, jsonLd };
}

/** A value that should be plain text and may hold markup or entities, once or twice encoded. */
export function plainTextOf(value: string): string {
  let text = value;
  for (let round = 0; round < 2 && /[<&]/.test(text); round++) text = readPage(text).text;
  return text.replace(/[^\S\n]+/g, ' ').trim();
}
