interface FileChoiceProps {
  label: string;
  accept: string;
  /** On a phone the camera is offered at once. */
  fromCamera?: boolean;
  onFile: (file: File) => void;
}

/** A button that has a file chosen; the same one may be chosen again. */
export function FileChoice({ label, accept, fromCamera = false, onFile }: FileChoiceProps) {
  return (
    <label className="inline-flex min-h-10 cursor-pointer items-center rounded border border-edge bg-sheet px-3.5 hover:border-action focus-within:outline-3 focus-within:outline-action">
      {label}
      <input
        type="file"
        accept={accept}
        capture={fromCamera ? 'environment' : undefined}
        className="sr-only"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) onFile(file);
          event.target.value = '';
        }}
      />
    </label>
  );
}
