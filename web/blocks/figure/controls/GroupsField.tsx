import { type DragEvent, useState } from 'react';
import { useLatest } from '../../../latest';
import type { Medium } from '../../../lesson.types';
import { sentence } from '../../../request';
import { newId, useDesk } from '../../../rooms/lesson/desk';
import { AddButton } from '../../../ui/AddButton';
import { Button } from '../../../ui/Button';
import { Choice, TextField } from '../../../ui/Field';
import { Notice } from '../../../ui/Notice';
import { LibrarySearch } from '../../picture/LibrarySearch';
import { PictureFile } from '../../picture/PictureFile';
import { bringInPicture } from '../../picture/PictureSearch';
import { PictureWords } from '../../picture/PictureWords';
import type { ControlProps } from '../QuantitiesForm';

interface Item {
  text: string;
  picture?: string;
}

interface Group {
  name: string;
  rule: string;
  items: Item[];
}

/** Groups and what belongs in them: a word is typed into its group, or dropped from one group into another. */
export function GroupsField({ field, quantities, onChange }: ControlProps) {
  const groups = (quantities[field.name] ?? []) as Group[];
  const set = (changed: Group[]) => onChange({ [field.name]: changed });
  const change = (index: number, some: Partial<Group>) =>
    set(groups.map((group, at) => (at === index ? { ...group, ...some } : group)));
  const move = (from: number, item: number, to: number) => {
    const moved = groups[from]?.items[item];
    if (!moved || from === to) return;
    set(
      groups.map((group, at) => ({
        ...group,
        items: [...group.items.filter((_, place) => at !== from || place !== item), ...(at === to ? [moved] : [])],
      })),
    );
  };
  return (
    <fieldset className="flex flex-col gap-3">
      <legend className="mb-1 text-small text-quiet">{field.label}</legend>
      {groups.map((group, index) => (
        <OneGroup
          key={index}
          number={index}
          group={group}
          others={groups.map((each) => each.name)}
          onChange={(some) => change(index, some)}
          onMove={move}
          onRemove={groups.length > 2 ? () => set(groups.filter((_, at) => at !== index)) : undefined}
        />
      ))}
      <AddButton
        disabled={groups.length >= 4}
        onAdd={() => set([...groups, { name: `Group ${groups.length + 1}`, rule: '', items: [] }])}
      >
        Add a group
      </AddButton>
    </fieldset>
  );
}

function OneGroup({
  number,
  group,
  others,
  onChange,
  onMove,
  onRemove,
}: {
  number: number;
  group: Group;
  others: string[];
  onChange: (some: Partial<Group>) => void;
  onMove: (from: number, item: number, to: number) => void;
  onRemove: (() => void) | undefined;
}) {
  const desk = useDesk();
  const [word, setWord] = useState('');
  const [trouble, setTrouble] = useState('');
  const put = useLatest((items: Item[]) => onChange({ items: [...group.items, ...items] }));
  const add = () => {
    const words = word
      .split(/[,;\n]/)
      .map((each) => each.trim())
      .filter(Boolean);
    put.current(words.map((text) => ({ text: text.slice(0, 24) })));
    setWord('');
  };
  const putPicture = (medium: Medium) => {
    const id = newId('picture');
    desk.edit((draft) => {
      draft.media[id] = medium;
    });
    put.current([{ text: '', picture: id }]);
  };
  const addPicture = async (file: File | undefined) => {
    if (!file) return;
    try {
      putPicture((await bringInPicture(file)).medium);
      setTrouble('');
    } catch (error) {
      setTrouble(sentence(error));
    }
  };
  const drop = (event: DragEvent) => {
    event.preventDefault();
    event.stopPropagation();
    if (event.dataTransfer.files.length > 0) return void addPicture(event.dataTransfer.files[0]);
    const [from, item] = event.dataTransfer.getData('text/plain').split(' ').map(Number);
    if (from !== undefined && item !== undefined) onMove(from, item, number);
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: each thing has a choice that moves it by keyboard
    <div
      className="flex flex-col gap-2 rounded border border-rule bg-sheet p-3"
      onDragOver={(event) => event.preventDefault()}
      onDrop={drop}
    >
      <div className="grid grid-cols-2 gap-2">
        <TextField
          label={`Name of group ${number + 1}`}
          value={group.name}
          maxLength={24}
          onChange={(event) => onChange({ name: event.target.value })}
        />
        <TextField
          label="Its rule"
          value={group.rule}
          maxLength={40}
          onChange={(event) => onChange({ rule: event.target.value })}
        />
      </div>
      <ul className="flex flex-col gap-1">
        {group.items.map((item, index) => (
          <Thing
            key={index}
            item={item}
            group={number}
            index={index}
            others={others}
            onMove={(to) => onMove(number, index, to)}
            onChange={(some) =>
              onChange({ items: group.items.map((each, at) => (at === index ? { ...each, ...some } : each)) })
            }
            onRemove={() => onChange({ items: group.items.filter((_, at) => at !== index) })}
          />
        ))}
      </ul>
      <form
        className="flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (word.trim()) add();
        }}
      >
        <div className="grow">
          <TextField
            label={`Add to ${group.name || 'this group'}`}
            value={word}
            placeholder="one word, or several with commas"
            onChange={(event) => setWord(event.target.value)}
          />
        </div>
        <Button type="submit">Add</Button>
      </form>
      <details>
        <summary className="cursor-pointer py-1 text-action">Add a picture, or drop one here</summary>
        <LibrarySearch onTake={putPicture}>
          <PictureFile label="Choose a file" onFile={(file) => void addPicture(file)} />
        </LibrarySearch>
      </details>
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
      {onRemove && (
        <Button look="quiet" className="self-start" onClick={onRemove}>
          Remove this group
        </Button>
      )}
    </div>
  );
}

function Thing({
  item,
  group,
  index,
  others,
  onMove,
  onChange,
  onRemove,
}: {
  item: Item;
  group: number;
  index: number;
  others: string[];
  onMove: (to: number) => void;
  onChange: (some: Partial<Item>) => void;
  onRemove: () => void;
}) {
  const desk = useDesk();
  const pictures = Object.entries(desk.document.media);
  return (
    <li
      draggable
      onDragStart={(event) => event.dataTransfer.setData('text/plain', `${group} ${index}`)}
      className="flex cursor-grab flex-wrap items-center gap-2 rounded border border-rule bg-paper px-2"
    >
      <span className="grow">{item.text || desk.document.media[item.picture ?? '']?.name || 'a picture'}</span>
      {pictures.length > 0 && (
        <Choice
          label={`Picture for ${item.text}`}
          hideLabel
          value={item.picture ?? ''}
          choices={[
            { value: '', label: 'no picture' },
            ...pictures.map(([id, medium]) => ({ value: id, label: medium.name.slice(0, 18) })),
          ]}
          onChoose={(picture) => onChange({ picture })}
          className="max-w-28"
        />
      )}
      <Choice
        label={`Group of ${item.text}`}
        hideLabel
        value={String(group)}
        choices={others.map((name, at) => ({ value: String(at), label: name }))}
        onChoose={(to) => onMove(Number(to))}
        className="max-w-32"
      />
      <Button look="quiet" className="px-1!" aria-label={`Remove ${item.text}`} onClick={onRemove}>
        ×
      </Button>
      {item.picture && (
        <details className="w-full pb-2">
          <summary className="cursor-pointer text-small text-action">About the picture</summary>
          <div className="flex flex-col gap-2 pt-2">
            <PictureWords medium={item.picture} />
          </div>
        </details>
      )}
    </li>
  );
}
