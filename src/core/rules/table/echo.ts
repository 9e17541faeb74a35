import { range, type RuleRow } from '../row';

export const ECHO_RULES = {
  // how the room sounds: Sabine's coefficients at 500 Hz and 1 kHz
  'echo.plasterboard': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.05, 0.04] },
  'echo.plaster': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.02, 0.03] },
  'echo.brick': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.03, 0.04] },
  'echo.wood': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.1, 0.07] },
  'echo.carpet': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.57, 0.69] },
  'echo.rug': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.14, 0.37] },
  'echo.tile': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.01, 0.01] },
  'echo.concrete': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.015, 0.02] },
  'echo.glass': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.18, 0.12] },
  'echo.drapeLight': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.11, 0.17] },
  'echo.drapeMedium': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.49, 0.75] },
  'echo.drapeHeavy': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.55, 0.72] },
  'echo.upholstery': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [0.56, 0.67] },
  'echo.opening': { shape: 'list', unit: 'ratio', mark: 'PUB', value: [1, 1] },
  'echo.wished': range('DEF', 'ratio', 0.3, 0.6),
} as const satisfies Record<string, RuleRow>;
