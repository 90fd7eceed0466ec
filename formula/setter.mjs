import { createRequire } from 'node:module';

const require = createRequire(import.meta.url);
const { mathjax } = require('mathjax-full/js/mathjax.js');
const { TeX } = require('mathjax-full/js/input/tex.js');
const { SVG } = require('mathjax-full/js/output/svg.js');
const { liteAdaptor } = require('mathjax-full/js/adaptors/liteAdaptor.js');
const { RegisterHTMLHandler } = require('mathjax-full/js/handlers/html.js');
require('mathjax-full/js/input/tex/base/BaseConfiguration.js');
require('mathjax-full/js/input/tex/ams/AmsConfiguration.js');
require('mathjax-full/js/input/tex/color/ColorConfiguration.js');

/** Braces within braces. */
const DEEPEST = 24;

const adaptor = liteAdaptor();
RegisterHTMLHandler(adaptor);
// Only plain and AMS mathematics: no links, no styles, no definitions that outlive a formula.
const page = mathjax.document('', {
  InputJax: new TeX({ packages: ['base', 'ams', 'color'], maxBuffer: 4096, maxMacros: 200 }),
  OutputJax: new SVG({ fontCache: 'none' }),
});

/** Signs that would mean something in a text of TeX, and what is shown in their place. */
const SHOWN = { '\\': '∖', '{': '(', '}': ')', $: '' };

/**
 * A TeX formula as SVG paths in thousandths of an em, y downwards, the baseline at 0.
 * What cannot be read is set as the letters that were typed, with what is wrong beside it.
 */
export function set(tex) {
  const trouble = depth(tex) > DEEPEST ? 'Nested too deeply' : undefined;
  const svg = trouble === undefined ? convert(tex) : undefined;
  const wrong = svg === undefined ? trouble : adaptor.outerHTML(svg).match(/data-mjx-error="([^"]*)"/)?.[1];
  if (wrong === undefined) return measured(svg);
  const typed = tex.replace(/[\\{}$]/g, (sign) => SHOWN[sign]);
  return { ...measured(convert(`\\text{${typed}}`)), trouble: wrong };
}

/** How deeply braces stand in one another; renderers and this program itself go no deeper than they must. */
function depth(tex) {
  let deepest = 0;
  let now = 0;
  for (const sign of tex) {
    if (sign === '{') now += 1;
    else if (sign === '}') now -= 1;
    deepest = Math.max(deepest, now);
  }
  return deepest;
}

function convert(tex) {
  return adaptor.firstChild(page.convert(tex, { display: false }));
}

function measured(svg) {
  const [, top, width, height] = adaptor.getAttribute(svg, 'viewBox').split(' ').map(Number);
  return {
    markup: adaptor.innerHTML(svg).replace(/ (data-[a-z-]+|stroke|fill|stroke-width)="[^"]*"/g, ''),
    width: width / 1000,
    ascent: -top / 1000,
    descent: (height + top) / 1000,
  };
}
