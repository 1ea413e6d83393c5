<h1>This can’t be worked out yet</h1>
<p class="verdict-why">A field was not understood, or can’t be; it says why. Mend it and work it out again.</p>
