"use client";
import type { RefObject } from "react";
import type { Player } from "./use-player";

type Props = { player: Player; address: string; isVideo: boolean; title: string; small?: boolean };

/** The browser's own player, with the keys and controls that people know. The text beside it holds the captions. */
export function MediaPlayer({ player, address, isVideo, title, small = false }: Props) {
  const shared = { src: address, controls: true, preload: "metadata" as const, "aria-label": title };
  return isVideo ? (
    <video ref={player.element as RefObject<HTMLVideoElement>} {...shared} className={small ? "max-h-32 bg-black" : "max-h-[50dvh] w-full bg-black"} />
  ) : (
    <audio ref={player.element as RefObject<HTMLAudioElement>} {...shared} className={small ? "h-9 w-full max-w-md" : "w-full"} />
  );
}
