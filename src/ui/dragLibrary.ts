import { Controller } from '@use-gesture/core';
import { dragAction, registerAction } from '@use-gesture/core/actions';

registerAction(dragAction);

export const dragController = (): Controller => new Controller({});
