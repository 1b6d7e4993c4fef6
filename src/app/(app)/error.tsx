"use client";

export default function ErrorPage({ reset }: { reset: () => void }) {
  return (
    <main id="main" className="mx-auto max-w-xl px-5 py-16">
      <h1 className="font-read font-semibold text-2xl">This page could not be shown.</h1>
      <p className="mt-2">Nothing that was saved is lost. Try again; if it happens again, the server's window says what went wrong.</p>
      <button type="button" className="button button-main mt-4" onClick={reset}>
        Try again
      </button>
    </main>
  );
}
