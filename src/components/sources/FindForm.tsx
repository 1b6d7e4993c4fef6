/** The way to passages on a topic, from anywhere among the sources. */
export function FindForm({ query = "" }: { query?: string }) {
  return (
    <search>
      <form action="/sources/find" className="flex gap-2">
        <input
          className="field w-56"
          type="search"
          name="q"
          defaultValue={query}
          aria-label="Find a topic in all sources"
          placeholder="No text yet? Find a topic"
        />
        <button type="submit" className="button">
          Find
        </button>
      </form>
    </search>
  );
}
