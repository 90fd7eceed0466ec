import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { type Done, type Refusal, unsent } from './Unsent';

/** What is on this device alone, and what the server would not take. */
export function StillToSend({ waiting, refusals }: { waiting: Done[]; refusals: Refusal[] }) {
  return (
    <div className="my-2 flex flex-col gap-2 empty:hidden">
      {waiting.length > 0 && (
        <Notice>
          {waiting.length === 1 ? 'One thing that you did is' : `${waiting.length} things that you did are`} still to be
          sent. {waiting.length === 1 ? 'It is' : 'They are'} kept on this device and sent when there is a connection.
        </Notice>
      )}
      {refusals.map((refusal) => (
        <Notice key={refusal.key} tone="trouble">
          Something that you did was not taken: {refusal.reason}{' '}
          <Button look="quiet" onClick={() => void unsent.forgetRefusal(refusal.key)}>
            I have read it
          </Button>
        </Notice>
      ))}
    </div>
  );
}
