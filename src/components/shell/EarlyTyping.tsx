"use client";
import { useEffect } from "react";
import { tellEarlyTyping } from "./early-typing";

/** Stands last in the page: when its effect runs, all fields before it are listened to. */
export function EarlyTyping() {
  useEffect(() => void tellEarlyTyping(), []);
  return null;
}
