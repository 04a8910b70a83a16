<!-- The layer fills: a colour and a texture for each kind of cut face, so that strata differ without colour. -->
<script lang="ts"></script>

<svg class="fills" aria-hidden="true" width="0" height="0">
  <defs>
    <pattern id="fill-crumb" width="26" height="20" patternUnits="userSpaceOnUse">
      <rect width="26" height="20" fill="var(--crumb)" />
      <path
        d="M3 4l3-1 1 3-3 1zM13 2l2 1-1 2-2-1zM20 7l4 0-1 3-3-1zM8 11l3-1 2 3-4 1zM17 14l3 1-1 3-3-2zM2 15l2 0 1 3-3 0z"
        fill="var(--crumb-mark)"
      />
    </pattern>
    <pattern id="fill-smooth" width="60" height="18" patternUnits="userSpaceOnUse">
      <rect width="60" height="18" fill="var(--smooth)" />
      <path d="M4 6h22M38 13h16" stroke="var(--smooth-mark)" stroke-width="1.5" stroke-linecap="round" />
    </pattern>
    <pattern id="fill-crystal" width="18" height="18" patternUnits="userSpaceOnUse">
      <rect width="18" height="18" fill="var(--crystal)" />
      <path d="M0 9L9 0l9 9-9 9zM9 0v18M3 6l12 6" fill="none" stroke="var(--crystal-mark)" stroke-width="0.8" />
    </pattern>
    <pattern id="fill-air" width="24" height="24" patternUnits="userSpaceOnUse">
      <rect width="24" height="24" fill="var(--air)" />
      <g fill="none" stroke="var(--air-mark)" stroke-width="1">
        <circle cx="6" cy="6" r="3" /><circle cx="17" cy="4" r="1.6" /><circle cx="19" cy="15" r="3.6" />
        <circle cx="8" cy="17" r="2.2" /><circle cx="13" cy="11" r="1.2" />
      </g>
    </pattern>
    <pattern id="fill-nut" width="34" height="26" patternUnits="userSpaceOnUse">
      <rect width="34" height="26" fill="var(--nut)" />
      <path d="M3 5l8-3 5 5-6 6-7-2zM20 12l8-4 4 6-5 6-7-2zM8 18l5-1 2 5-6 2z" fill="var(--nut-mark)" />
    </pattern>
    <pattern id="fill-chocolate" width="16" height="16" patternUnits="userSpaceOnUse">
      <rect width="16" height="16" fill="var(--chocolate)" />
      <path d="M2 14l4-9M10 11l3-7" stroke="var(--chocolate-mark)" stroke-width="1" stroke-linecap="round" />
    </pattern>
    <pattern id="fill-trim" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <path d="M0 0v7" stroke="var(--trim-hatch)" stroke-width="1.6" />
    </pattern>
  </defs>
</svg>

<style>
  .fills {
    position: absolute;
  }
</style>
