export type SelectOption<T extends string> = {
  value: T;
  label: string;
  /** Options of one group stand together under its name. */ group?: string;
};

/** What an open list is given; its values are plain strings. */
export type PopupProps = {
  id: string;
  label: string;
  value: string;
  options: readonly SelectOption<string>[];
  onChoose: (value: string) => void;
  onClose: () => void;
  focusBack: () => void;
};
