import { Controller } from '@use-gesture/core';
import { dragAction, registerAction } from '@use-gesture/core/actions';

registerAction(dragAction);

/** The gestures that it knows are those that it is made with; what they do is told at each drawing. */
export const dragController = (): Controller => new Controller({ drag: () => undefined });
