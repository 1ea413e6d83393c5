<svg class="mark" viewBox="0 0 40 40" width="30" height="30" aria-hidden="true" focusable="false">
    <path d="M3 12 H37" class="mark-string" /><path d="M9 6 h6 v22 l-3 5 l-3 -5 z M25 6 h6 v22 l-3 5 l-3 -5 z" class="mark-stake" />
    <circle cx="12" cy="12" r="2.6" class="mark-knot" /><circle cx="28" cy="12" r="2.6" class="mark-knot" />
</svg>
