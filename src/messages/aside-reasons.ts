import type { AsideReason } from "@/core/questions/edit";

/** Why a draft was set aside, in the order of its keys. */
export const ASIDE_REASONS: Record<AsideReason, string> = {
  "not-worth-asking": "not worth asking",
  "too-easy": "too easy",
  "too-hard": "too hard",
  "badly-worded": "badly worded",
  "key-doubtful": "key doubtful",
  "not-taught": "not taught",
};
