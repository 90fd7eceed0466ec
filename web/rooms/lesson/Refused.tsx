import { useDesk } from './desk';

interface RefusedProps {
  slide?: string;
  step?: string;
  block?: string;
  field?: string;
}

/** Stands at a field and says why the newest change cannot be saved, when it is this field that stands in the way. */
export function Refused({ slide, step, block, field }: RefusedProps) {
  const { refused } = useDesk();
  if (!refused) return null;
  const { place } = refused;
  const isHere = field ? place.field === field : place.slide === slide && place.step === step && place.block === block;
  if (!isHere) return null;
  return (
    <p role="alert" className="mt-1 border-l-4 border-recording bg-trouble-ground px-3 py-1.5 text-trouble">
      Not saved: {refused.sentence}
    </p>
  );
}
