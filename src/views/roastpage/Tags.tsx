import { useState } from 'react';
import { MOST_TAGS, type Roast, withTags } from '@/core/roast';
import { database } from '@/store/current';
import { editRoast } from '@/store/roasting';

/** Words of one's own to find a roast by; Enter or a comma adds one, × takes it off. */
export function Tags({ roast }: { readonly roast: Roast }) {
  const [text, setText] = useState('');
  const tags = roast.tags ?? [];
  const keep = (next: readonly string[]) =>
    void editRoast(database(), roast.id, { tags: next.length > 0 ? [...next] : undefined });
  const add = () => {
    const next = withTags(tags, text.split(','));
    setText('');
    if (next.length > tags.length) keep(next);
  };
  return (
    <div className="mt-5">
      <p className="text-husk mb-1 text-[0.95rem]">Tags</p>
      <div className="flex flex-wrap items-center gap-2">
        {tags.map((tag) => (
          <span key={tag} className="bg-sunk inline-flex items-center rounded-full pl-4">
            <a href={`/journal/?tag=${encodeURIComponent(tag)}`} className="underline-offset-4 hover:underline">
              {tag}
            </a>
            <button
              type="button"
              aria-label={`Take the tag ${tag} off`}
              className="text-husk hover:text-ink size-11 text-xl"
              onClick={() => keep(tags.filter((each) => each !== tag))}
            >
              ×
            </button>
          </span>
        ))}
        {tags.length < MOST_TAGS ? (
          <input
            aria-label="New tag"
            placeholder="add a word"
            className="border-line focus:border-ink min-h-11 w-40 border-b-2 bg-transparent"
            value={text}
            onChange={(event) => setText(event.target.value)}
            onKeyDown={(event) => {
              if (event.key !== 'Enter' && event.key !== ',') return;
              event.preventDefault();
              add();
            }}
            onBlur={add}
          />
        ) : (
          <span className="text-husk">{MOST_TAGS} are the most: take one off to add another.</span>
        )}
      </div>
    </div>
  );
}
