import type { Block } from '../../lesson.types';
import { useKinds } from '../lesson/kinds';

/** The teacher’s word for a kind of block. */
export function useKindLabel(): (kind: Block['kind']) => string {
  const kinds = useKinds();
  return (kind) => kinds.data?.blocks.find((each) => each.name === kind)?.label ?? kind;
}
