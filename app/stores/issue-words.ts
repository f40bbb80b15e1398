export { issueText } from '@core';
