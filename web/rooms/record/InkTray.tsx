import type { Tool } from './DrawingLayer';

const COLOURS = [
  { value: '#B3261E', name: 'Red' },
  { value: '#1B6074', name: 'Blue' },
  { value: '#2C6528', name: 'Green' },
  { value: '#1F2D36', name: 'Black' },
];

const TOOLS: { tool: Tool; label: string }[] = [
  { tool: 'none', label: 'Hand' },
  { tool: 'pen', label: 'Pen' },
  { tool: 'marker', label: 'Marker' },
  { tool: 'pointer', label: 'Pointer' },
];

interface InkTrayProps {
  tool: Tool;
  colour: string;
  onTool: (tool: Tool) => void;
  onColour: (colour: string) => void;
  onWipe: () => void;
}

/** Pens at the hand's side. */
export function InkTray({ tool, colour, onTool, onColour, onWipe }: InkTrayProps) {
  return (
    <div role="toolbar" aria-label="Drawing" aria-orientation="vertical" className="flex flex-col gap-2 pt-24">
      {TOOLS.map((each) => (
        <button
          key={each.tool}
          type="button"
          aria-pressed={tool === each.tool}
          onClick={() => onTool(each.tool)}
          className={`min-h-11 rounded border text-[15px] ${tool === each.tool ? 'border-action bg-action text-white' : 'border-[#8d8a7d] bg-sheet'}`}
        >
          {each.label}
        </button>
      ))}
      <div className="grid grid-cols-2 gap-2 pt-1">
        {COLOURS.map((each) => (
          <button
            key={each.value}
            type="button"
            aria-label={each.name}
            aria-pressed={colour === each.value}
            onClick={() => onColour(each.value)}
            className={`size-10 rounded-full border-4 ${colour === each.value ? 'border-ink' : 'border-paper'}`}
            style={{ background: each.value }}
          />
        ))}
      </div>
      <button type="button" onClick={onWipe} className="min-h-11 rounded border border-[#8d8a7d] bg-sheet text-[15px]">
        Wipe <kbd className="font-sans">W</kbd>
      </button>
    </div>
  );
}
