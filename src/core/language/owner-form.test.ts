import { expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";
import { ownerForm } from "./owner-form";

it.each([
  ["Ida Marrow", "Ida cleaned the lamp.", "Ida Marrow’s"],
  ["Odalys", "The ball hit Odalys's gloves.", "Odalys’s"],
  ["Captain Moss", "Moss’s boat was late.", "Captain Moss’s"],
  ["Captain Moss", "Moss’ boat was late.", "Captain Moss’"],
  ["Captain Moss", "Moss was late.", "Captain Moss’"],
])("%s in “%s”", (name, text, wanted) => {
  expect(ownerForm(name, analyse(text).sentences)).toBe(wanted);
});
