import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { Wordmark } from './Wordmark';

/** What is seen when a whole page cannot be shown. */
export function BrokenPage() {
  return (
    <main className="mx-auto max-w-xl p-10">
      <Wordmark />
      <div className="my-4">
        <Notice tone="trouble">This page cannot be shown. Nothing that was saved is lost. Load it again.</Notice>
      </div>
      <Button look="main" onClick={() => window.location.reload()}>
        Load again
      </Button>
    </main>
  );
}
