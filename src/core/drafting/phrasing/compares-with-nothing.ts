/** "traps more gas", "is harder to untie": more than what? */
export function comparesWithNothing(text: string): boolean {
  return (
    /\b(?:more|less|fewer|larger|smaller|higher|lower|stronger|weaker|longer|shorter|older|better|worse|harder|easier|bigger|faster|slower|lighter|heavier)\b/.test(
      text,
    ) &&
    !/\bthan\b/.test(text) &&
    !/\b(?:make|makes|made|become|becomes|became|grow|grows|grew|get|gets|got)\b/.test(text) &&
    !/\b(?:more|less) and (?:more|less)\b|\bonce more\b|\bmore than\b|\bthe more\b/.test(text)
  );
}
