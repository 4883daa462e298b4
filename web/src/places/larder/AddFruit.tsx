import { Button, Group, Modal, Select, TextInput } from '@mantine/core';
import { builtInFruits } from '@mardle/core';
import { useState } from 'react';
import { useKeepFruit } from '../../shared/api/larder.js';
import { Failure } from '../../shared/ui/Failure.js';

interface AddFruitProps {
  readonly onClose: () => void;
  readonly onAdded: (id: string) => void;
}

/** An id that no built-in fruit has: from the name, with a few letters of its own. */
const newId = (label: string): string =>
  `own_${label
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '_')
    .slice(0, 40)}_${crypto.randomUUID().slice(0, 6)}`;

/** A fruit of the kitchen's own, begun from a similar one. */
export function AddFruit({ onClose, onAdded }: AddFruitProps) {
  const [label, setLabel] = useState('');
  const [like, setLike] = useState<string | null>('damson');
  const keep = useKeepFruit();
  const add = async (): Promise<void> => {
    if (!like) return;
    const kept = await keep
      .mutateAsync({ id: newId(label), label: label.trim(), like, figures: {} })
      .catch(() => null);
    if (kept) onAdded(kept.id);
  };
  return (
    <Modal opened onClose={onClose} title="Add a fruit" closeButtonProps={{ 'aria-label': 'Close' }}>
      <TextInput
        data-autofocus
        label="Its name"
        maxLength={80}
        value={label}
        onChange={(event) => setLabel(event.currentTarget.value)}
      />
      <Select
        label="Most like"
        description="Its figures stand in until you set your own."
        mt={10}
        searchable
        allowDeselect={false}
        data={[...builtInFruits.values()].map((fruit) => ({ value: fruit.id, label: fruit.label }))}
        value={like}
        onChange={setLike}
      />
      {keep.error && <Failure error={keep.error} />}
      <Group justify="flex-end" mt={16}>
        <Button variant="default" onClick={onClose}>
          Not now
        </Button>
        <Button disabled={label.trim() === '' || !like} loading={keep.isPending} onClick={() => void add()}>
          Add it
        </Button>
      </Group>
    </Modal>
  );
}
