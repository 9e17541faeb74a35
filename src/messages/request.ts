import { getRequestConfig } from 'next-intl/server';
import words from './en.json';
import rules from './en.rules.json';

export default getRequestConfig(async () => ({
  locale: 'en',
  timeZone: 'UTC',
  messages: { ...words, rules },
}));
