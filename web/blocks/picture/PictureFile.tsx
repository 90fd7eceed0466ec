/** The kinds of file that can be brought in. */
const PICTURE_FILES = 'image/png,image/jpeg,image/webp,image/svg+xml';

interface PictureFileProps {
  label: string;
  onFile: (file: File | undefined) => void;
}

/** Chooses a picture from the device. */
export function PictureFile({ label, onFile }: PictureFileProps) {
  return (
    <label
      className="mt-6 inline-flex min-h-10 shrink-0 cursor-pointer items-center self-start rounded border border-edge bg-sheet px-3.5 text-action hover:border-action focus-within:outline-3 focus-within:outline-action"
      title="PNG, JPEG, WebP or SVG. It can be dropped or pasted onto the slide, too."
    >
      {label}
      <input
        type="file"
        accept={PICTURE_FILES}
        className="sr-only"
        onChange={(event) => onFile(event.target.files?.[0])}
        onPaste={(event) => onFile(event.clipboardData.files[0])}
      />
    </label>
  );
}
