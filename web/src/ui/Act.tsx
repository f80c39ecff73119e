import { Button, type ButtonProps } from '@mantine/core';
import { useId, type ReactNode } from 'react';
import classes from './Act.module.css';

interface Props extends Omit<ButtonProps, 'disabled'> {
  /** What is missing before it can be pressed; null or empty when nothing is. */
  missing: string | null | undefined | false;
  type?: 'submit' | 'button';
  onClick?: () => void;
  children: ReactNode;
}

/** A button that says what is missing while it cannot be pressed. */
export function Act({ missing, type = 'button', children, ...rest }: Props) {
  const id = useId();
  return (
    <span className={classes.act} data-full={rest.fullWidth}>
      <Button {...rest} type={type} disabled={Boolean(missing)} aria-describedby={missing ? id : undefined}>
        {children}
      </Button>
      {missing && <small id={id}>{missing}</small>}
    </span>
  );
}
