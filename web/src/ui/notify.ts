import { notifications } from '@mantine/notifications';
import { sayProblem } from '../api/problem';

/** The one place where errors become visible. */
export function notifyProblem(error: unknown) {
  const { title, text } = sayProblem(error);
  notifications.show({ title, message: text, color: 'oxblood', autoClose: 9000 });
}

export function notifyDone(message: React.ReactNode) {
  return notifications.show({ message, color: 'celadon', autoClose: 6000, withCloseButton: true });
}
