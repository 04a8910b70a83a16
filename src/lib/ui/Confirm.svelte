<!-- Asks before something is deleted. -->
<script lang="ts">
  import { Modal } from 'carbon-components-svelte';
  import { confirmation } from '$lib/forms/confirm.svelte';
</script>

<Modal
  danger
  size="xs"
  open={confirmation.question !== null}
  modalHeading={confirmation.question?.text ?? ''}
  primaryButtonText={confirmation.question?.act ?? ''}
  secondaryButtonText="Cancel"
  on:click:button--secondary={() => confirmation.answer(false)}
  on:submit={() => confirmation.answer(true)}
  on:close={() => confirmation.answer(false)}
/>
