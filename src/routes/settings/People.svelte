<!-- People by name with their own hours; without them everybody works the shop's hours. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import type { Hours, Shop } from '$core/shop';
  import type { ProblemMessage } from '$wording/problems';
  import TimeField from '$lib/ui/TimeField.svelte';
  import { TextInput } from 'carbon-components-svelte';
  import { replaced, without } from './replaced';

  interface Props {
    shop: Partial<Shop>;
    typed: Record<string, string>;
    problems: readonly ProblemMessage[];
    onshop: (part: Partial<Shop>) => void;
  }
  let { shop, typed, problems, onshop }: Props = $props();

  const people = $derived(shop.people ?? []);
  const DAYS = [1, 2, 3, 4, 5, 6, 0].map((day) => ({
    day,
    name: new Intl.DateTimeFormat('en', { weekday: 'short', timeZone: 'UTC' }).format(
      new Date(Date.UTC(2023, 0, 1 + day)),
    ),
  }));
  const wrong = (path: string) => problems.find((one) => one.path === path)?.message ?? '';
  const change = (at: number, part: Partial<{ name: string; hours: Hours[] | undefined }>) =>
    onshop({ people: replaced(people, at, part) });
  const add = () => onshop({ people: [...people, { name: `Maker ${people.length + 1}` }] });
</script>

<fieldset>
  <legend>People by name</legend>
  {#if people.length === 0}<p class="quiet">
      Add people to plan the week by name. Without names, everybody works the hours above.
    </p>{/if}
  {#each people as person, at (at)}
    <div class="person" role="group" aria-label={person.name}>
      <TextInput
        size="sm"
        labelText="Name"
        value={person.name}
        invalid={wrong(`/people/${at}/name`) !== ''}
        invalidText={wrong(`/people/${at}/name`)}
        on:change={(event) => change(at, { name: String(event.detail ?? '') })}
      />
      {#if person.hours}
        <div class="hours">
          {#each DAYS as { day, name } (day)}
            <div class="day">
              <span>{name}</span>
              {#each person.hours
                .map((span, i) => ({ ...span, i }))
                .filter((span) => span.day === day) as { i, from, to } (i)}
                {#each [['from', from], ['to', to]] as const as [end, value] (end)}
                  <TimeField
                    label="{person.name}, {name} {end}"
                    hideLabel
                    {value}
                    problem={wrong(`/people/${at}/hours/${i}/${end}`)}
                    name="person {at} {i} {end}"
                    {typed}
                    onvalue={(time) =>
                      time !== null && change(at, { hours: replaced(person.hours ?? [], i, { [end]: time }) })}
                  />
                {/each}
                <Button size="small" kind="ghost" on:click={() => change(at, { hours: without(person.hours ?? [], i) })}
                  >Day off<span class="unseen"> for {person.name} on {name}</span></Button
                >
              {:else}
                <Button
                  size="small"
                  kind="ghost"
                  on:click={() => change(at, { hours: [...(person.hours ?? []), { day, from: '08:00', to: '16:00' }] })}
                  >Add hours<span class="unseen"> for {person.name} on {name}</span></Button
                >
              {/each}
            </div>
          {/each}
        </div>
        <Button size="small" kind="ghost" on:click={() => change(at, { hours: undefined })}
          >Use the shop's hours<span class="unseen"> for {person.name}</span></Button
        >
      {:else}
        <Button size="small" kind="ghost" on:click={() => change(at, { hours: [...(shop.hours ?? [])] })}
          >Set own hours<span class="unseen"> for {person.name}</span></Button
        >
      {/if}
      <Button size="small" kind="ghost" on:click={() => onshop({ people: without(people, at) })}
        >Remove<span class="unseen"> {person.name}</span></Button
      >
    </div>
  {/each}
  <Button size="small" kind="ghost" on:click={add}>Add person</Button>
</fieldset>

<style>
  .person {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem 0.8rem;
    align-items: end;
    border-bottom: 1px solid var(--rule);
    padding-bottom: 0.5rem;
  }

  .person > :global(.bx--form-item) {
    flex: 0 0 12rem;
  }

  .hours {
    flex-basis: 100%;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
    gap: 0.2rem 1rem;
  }

  .day {
    display: flex;
    gap: 0.4rem;
    align-items: center;
  }

  .day > span {
    flex: 0 0 2.4rem;
  }

  .day :global(.bx--text-input) {
    width: 5.6rem;
  }
</style>
