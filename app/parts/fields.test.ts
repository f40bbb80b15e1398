/** @jest-environment ./scripts/page-environment.mjs */
import { expect, test } from '@jest/globals';
import { mount } from '@vue/test-utils';
import TextField from './TextField.vue';

/** a field in a page that takes only what it likes */
function fieldOf(props: Record<string, unknown>, takes: (text: string) => boolean = () => true) {
  const told: string[] = [];
  const field = mount(TextField, {
    attachTo: document.body,
    props: {
      label: 'Name',
      modelValue: 'perch mix',
      'onUpdate:modelValue': (text: string) => {
        told.push(text);
        if (takes(text)) void field.setProps({ modelValue: text });
      },
      ...props,
    },
  });
  return { field, told, input: field.get('input') };
}

test('its name stands above it and is what it is called', () => {
  const { field, input } = fieldOf({});
  expect(field.get('label').attributes('for')).toBe(input.attributes('id'));
  expect(field.get('label').text()).toBe('Name');
});
test('every letter is told; what is often meant is told once it is whole', async () => {
  const plain = fieldOf({});
  await plain.input.setValue('n');
  await plain.input.setValue('ni');
  expect(plain.told).toEqual(['n', 'ni']);
  const { input, told, field } = fieldOf({ suggestions: ['perch mix', 'white'] });
  expect(field.findAll('option').map((one) => one.attributes('value'))).toEqual(['perch mix', 'white']);
  input.element.value = 'n';
  await input.trigger('input');
  expect(told).toEqual([]);
  input.element.value = 'night owl';
  await input.trigger('change');
  expect(told).toEqual(['night owl']);
});
test('what was not taken does not stand there once the field is left', async () => {
  const { input } = fieldOf({}, (text) => text !== '');
  await input.setValue('');
  expect(input.element.value).toBe('');
  await input.trigger('blur');
  expect(input.element.value).toBe('perch mix');
});
