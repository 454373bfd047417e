// @vitest-environment jsdom
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { why } from '../../core/why/why.ts';
import { Button } from './Button.tsx';
import { LengthField } from './LengthField.tsx';
import { UnitsContext } from './units.tsx';
import { WhyText } from './WhyNumber.tsx';

afterEach(cleanup);

const field = (units: 'metric' | 'imperial', onChange = vi.fn()) => {
  render(
    <UnitsContext value={units}>
      <LengthField label="Girth" valueMm={165} leastMm={60} mostMm={350} onChange={onChange} />
    </UnitsContext>,
  );
  return { input: screen.getByLabelText('Girth') as HTMLInputElement, onChange };
};

describe('a field for lengths', () => {
  it('shows the value in the units in use', () => {
    expect(field('metric').input.value).toBe('16.5 cm');
    cleanup();
    expect(field('imperial').input.value).toBe('6 1/2 in');
  });

  it('hands on what can be read, in millimetres, whatever unit it is typed in', () => {
    const { input, onChange } = field('metric');
    fireEvent.change(input, { target: { value: '7 1/2 in' } });
    expect(onChange).toHaveBeenLastCalledWith(190.5);
    fireEvent.change(input, { target: { value: '170' } });
    expect(onChange).toHaveBeenLastCalledWith(170);
  });

  it('takes a bare number as inches where inches are shown', () => {
    const { input, onChange } = field('imperial');
    fireEvent.change(input, { target: { value: '7' } });
    expect(onChange.mock.lastCall![0]).toBeCloseTo(177.8, 9);
  });

  it.each([
    ['16 cn', /“cn” is not a number or a unit/],
    ['5 mm', /is out of range/],
    ['', /Type a length/],
  ])('keeps %j in the field, says what is wrong, and hands nothing on', (text, message) => {
    const { input, onChange } = field('metric');
    fireEvent.change(input, { target: { value: text } });
    expect(input.value).toBe(text);
    expect(screen.getByRole('alert').textContent).toMatch(message);
    expect(input.getAttribute('aria-invalid')).toBe('true');
    expect(onChange).not.toHaveBeenCalled();
  });

  it('marks the very characters that it cannot read', () => {
    const { input } = field('metric');
    fireEvent.change(input, { target: { value: '16 cn' } });
    expect(document.querySelector('mark')?.textContent).toBe('cn');
  });

  it('falls back to the formatted value when it is left in good order', () => {
    const { input } = field('metric');
    fireEvent.change(input, { target: { value: '165' } });
    fireEvent.blur(input);
    expect(input.value).toBe('16.5 cm');
  });
});

describe('a working', () => {
  it('reads in either system of units from the same parts', () => {
    const parts = why`woven ${{ mm: 150 }} × ${{ value: 4.915, digits: 2 }}, ${{ percent: 0.08 }} more`;
    const text = (units: 'metric' | 'imperial') => {
      const { container } = render(
        <UnitsContext value={units}>
          <WhyText why={parts} />
        </UnitsContext>,
      );
      return container.textContent;
    };
    expect(text('metric')).toBe('woven 15.0 cm × 4.92, 8 % more');
    expect(text('imperial')).toBe('woven 5 7/8 in × 4.92, 8 % more');
  });
});

describe('a button', () => {
  it('does nothing when it is pressed again while what it does is on its way, and something once it is done', async () => {
    const free: (() => void)[] = [];
    const onClick = vi.fn(() => new Promise<void>((done) => free.push(done)));
    render(<Button onClick={onClick}>Make one</Button>);
    const button = screen.getByRole('button', { name: 'Make one' });
    fireEvent.click(button);
    fireEvent.click(button);
    expect(onClick).toHaveBeenCalledTimes(1);
    await act(async () => free[0]!());
    fireEvent.click(button);
    expect(onClick).toHaveBeenCalledTimes(2);
  });

  it('does each time what is done at once', () => {
    const onClick = vi.fn();
    render(<Button onClick={onClick}>Row done</Button>);
    for (let i = 0; i < 3; i++) fireEvent.click(screen.getByRole('button', { name: 'Row done' }));
    expect(onClick).toHaveBeenCalledTimes(3);
  });
});
