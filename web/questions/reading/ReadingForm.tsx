import type { KindFormProps } from '../KindForm';
import { RightNumber } from '../number/NumberForm';

export function ReadingForm(props: KindFormProps) {
  return <RightNumber {...props} tolerance="Half a division" />;
}
