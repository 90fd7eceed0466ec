import { createRequire } from 'node:module';

const require = createRequire(import.meta.url);
const { mathjax } = require('mathjax-full/js/mathjax.js');
const { TeX } = require('mathjax-full/js/input/tex.js');
const { SVG } = require('mathjax-full/js/output/svg.js');
const { liteAdaptor } = require('mathjax-full/js/adaptors/liteAdaptor.js');
const { RegisterHTMLHandler } = require('mathjax-full/js/handlers/html.js');
require('mathjax-full/js/input/tex/base/BaseConfiguration.js');
require('mathjax-full/js/input/tex/ams/AmsConfiguration.js');

const adaptor = liteAdaptor();
RegisterHTMLHandler(adaptor);
// Only plain and AMS mathematics: no links, no styles, no definitions that outlive a formula.
const page = mathjax.document('', {
  InputJax: new TeX({ packages: ['base', 'ams'], maxBuffer: 4096, maxMacros: 200 }),
  OutputJax: new SVG({ fontCache: 'none' }),
});

/** A TeX formula as SVG paths in thousandths of an em, y downwards, the baseline at 0. */
export function set(tex) {
  const svg = adaptor.firstChild(page.convert(tex, { display: false }));
  const [, top, width, height] = adaptor.getAttribute(svg, 'viewBox').split(' ').map(Number);
  return {
    markup: adaptor.innerHTML(svg).replace(/ (data-[a-z-]+|stroke|fill|stroke-width)="[^"]*"/g, ''),
    width: width / 1000,
    ascent: -top / 1000,
    descent: (height + top) / 1000,
  };
}
