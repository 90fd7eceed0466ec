import type { FormProps } from '../BlockForm';
import { Facts } from '../Facts';

/** The text itself is typed on the slide: here is what it may hold. */
export function TextForm({ facts }: FormProps<'text'>) {
  return (
    <>
      <p className="text-small text-quiet">
        A line that begins with “- ” is a point. *Stars* make words bold, `back quotes` set a formula.
      </p>
      <Facts facts={facts} />
    </>
  );
}
