import { type RefObject, useRef } from 'react';

/** The newest value, for work that ends later than it began: what was typed meanwhile is not overwritten. */
export function useLatest<Value>(value: Value): RefObject<Value> {
  const latest = useRef(value);
  latest.current = value;
  return latest;
}
