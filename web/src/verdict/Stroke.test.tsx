import { render, screen } from '@testing-library/react';
import { RoleSeals, Seal } from '../seal/Seal';
import { SmallStroke } from './Stroke';

it('a stroke tells its verdict and what it is about without colour', () => {
  render(<SmallStroke verdict="MISSING" label="Office leaves the work to fee()." />);

  expect(screen.getByRole('img')).toHaveAccessibleName('missing: Office leaves the work to fee().');
});

it('a seal carries its letters and the full name of its role', () => {
  render(
    <RoleSeals roles={['Context', 'ConcreteStrategy']}>
      <Seal role="ConcreteStrategy" />
    </RoleSeals>,
  );

  const seal = screen.getByRole('img', { name: 'Concrete strategy' });
  expect(seal).toHaveTextContent('CS');
});
