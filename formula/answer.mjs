import { code } from './code.mjs';
import { set } from './setter.mjs';

/** What is asked for is TeX to be set, or a text to be made a code to scan: {"code": "…"}. */
export function answer(request) {
  return typeof request === 'string' ? set(request) : code(String(request.code));
}
