import { parse, type Token } from '@messageformat/parser';

const ACCENTED: Record<string, string> = {
  a: 'à',
  e: 'é',
  i: 'î',
  o: 'ö',
  u: 'û',
  y: 'ý',
  c: 'ç',
  n: 'ñ',
  s: 'š',
  t: 'ţ',
  r: 'ŕ',
  l: 'ł',
  d: 'đ',
  g: 'ğ',
  h: 'ĥ',
};

/** Letters that no language of ours has, and a third more of them, as another language may need. */
function told(words: string): string {
  const strange = words.replace(/[a-z]/gi, (letter) => ACCENTED[letter.toLowerCase()] ?? 'ž');
  return words.trim() === '' ? words : `${strange}${'ö'.repeat(Math.ceil(words.length / 3))}`;
}

function rebuilt(tokens: Token[]): string {
  return tokens
    .map((token) => {
      switch (token.type) {
        case 'content':
          return told(token.value);
        case 'octothorpe':
          return '#';
        case 'argument':
          return `{${token.arg}}`;
        case 'plural':
          return `{${token.arg}, plural, ${token.cases.map((one) => `${one.key} {${rebuilt(one.tokens)}}`).join(' ')}}`;
        default:
          throw new Error(`The sentences of this application do not use ${token.type}.`);
      }
    })
    .join('');
}

/** A sentence in a language that nobody speaks: what is read as English on a screen in it was never in a file. */
export function pseudo(sentence: string): string {
  return rebuilt(parse(sentence));
}
