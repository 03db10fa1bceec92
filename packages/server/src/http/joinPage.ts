import { JOIN_WORDS } from '@amber-ladle/words';
import escapeHtml from 'escape-html';

/** What the page at the door shows. */
export interface JoinPage {
  /** What was said before, to be changed. */
  readonly code: string;
  readonly name: string;
  /** Where it goes on to. */
  readonly to: string;
  /** What was wrong, where something was. */
  readonly said?: string;
  readonly nonce: string;
}

const STYLE = `
:root{color-scheme:light dark;--ground:#FAF5EA;--paper:#FFFDF7;--ink:#2B211A;--quiet:#6B5B4D;--amber:#925408;--on:#FFFDF7;--clay:#A23A2C}
@media (prefers-color-scheme:dark){:root{--ground:#1C1613;--paper:#272019;--ink:#F4EBDD;--quiet:#B9A792;--amber:#F0B45A;--on:#1C1613;--clay:#F08A78}}
*{box-sizing:border-box}
body{margin:0;min-height:100vh;display:grid;place-items:center;padding:24px;background:var(--ground);color:var(--ink);font:1.125rem/1.5 system-ui,sans-serif}
main{width:100%;max-width:26rem}
svg{width:96px;display:block;margin-bottom:8px}
h1{margin:0 0 8px;font:600 2rem/1.15 Georgia,'Times New Roman',serif}
p{margin:0 0 16px}
.quiet{color:var(--quiet)}
.said{color:var(--clay);font-weight:600}
label{display:block;margin-bottom:16px;font-weight:600}
input{display:block;width:100%;min-height:52px;margin-top:4px;padding:8px 12px;border:1px solid var(--quiet);border-radius:6px;background:var(--paper);color:inherit;font:inherit;font-weight:400}
input[name=code]{font-size:1.4rem;letter-spacing:.06em}
button{min-height:56px;width:100%;border:0;border-radius:28px;background:var(--amber);color:var(--on);font:inherit;font-weight:600;cursor:pointer}
:focus-visible{outline:3px solid var(--amber);outline-offset:2px}`;

/** The ladle over a door that stands open. */
const PICTURE = `<svg viewBox="0 0 100 100" aria-hidden="true" fill="none" stroke="currentColor" stroke-width="2.4" stroke-linecap="round" stroke-linejoin="round"><path d="M26 92V18q0-6 6-6h36q6 0 6 6v74M16 92h68"/><path d="M30 92V20l28 8v60z" fill="#D98E2B" fill-opacity=".25"/><path d="M50 58v5"/><path d="M66 36v24q0 9-6 9" /></svg>`;

/** A device that followed a link from elsewhere shows its key only to a page of this house that asks for it: it is asked once more. */
export const JOIN_SCRIPT = `fetch('/api/door').then(function(a){if(a.ok)location.replace(document.querySelector('[name=to]').value)})`;

/** The one page that a device without a key is shown. It works without a script, and needs no picture or letter form of this house. */
export const joinPage = ({ code, name, to, said, nonce }: JoinPage): string => `<!doctype html>
<html lang="en-GB">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="robots" content="noindex">
<title>${JOIN_WORDS.tabTitle}</title>
<style nonce="${nonce}">${STYLE}</style>
</head>
<body>
<main>
${PICTURE}
<h1>${JOIN_WORDS.comeIn}</h1>
<p class="quiet">${JOIN_WORDS.whatItIs}</p>
${said === undefined ? '' : `<p class="said" role="alert">${escapeHtml(said)}</p>`}
<form method="post" action="/join">
<label>${JOIN_WORDS.code}
<input name="code" value="${escapeHtml(code)}" autocomplete="off" autocapitalize="characters" spellcheck="false" maxlength="200" required></label>
<label>${JOIN_WORDS.whatToCallIt}
<input name="name" value="${escapeHtml(name)}" autocomplete="off" maxlength="60" required></label>
<input type="hidden" name="to" value="${escapeHtml(to)}">
<button>${JOIN_WORDS.comeIn}</button>
</form>
</main>
<script src="/join.js"></script>
</body>
</html>
`;
