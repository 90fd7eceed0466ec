import type { AnsweringProps } from '../Answering';
import { NumberField } from '../number/TypeNumber';

/** What a scale shows. */
export function ReadScale(props: AnsweringProps) {
  return <NumberField {...props} label="What it shows, with its unit" />;
}
