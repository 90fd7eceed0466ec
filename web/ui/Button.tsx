import type { ButtonHTMLAttributes } from 'react';

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  /** One action on a screen comes next: it is the main one. */
  look?: 'main' | 'plain' | 'quiet' | 'danger';
}

const LOOKS = {
  main: 'bg-action text-white border-action hover:bg-action-deep disabled:bg-quiet disabled:border-quiet',
  plain: 'bg-sheet text-ink border-edge hover:border-action hover:text-action disabled:text-quiet disabled:border-rule',
  quiet: 'bg-transparent text-action border-transparent hover:border-rule disabled:text-quiet',
  danger: 'bg-sheet text-recording border-recording hover:bg-trouble-deep disabled:text-quiet',
};

export function Button({ look = 'plain', className = '', type = 'button', ...rest }: ButtonProps) {
  return (
    <button
      type={type}
      className={`inline-flex min-h-10 items-center justify-center gap-2 rounded border px-3.5 py-1.5 text-base whitespace-nowrap ${LOOKS[look]} ${className}`}
      {...rest}
    />
  );
}
