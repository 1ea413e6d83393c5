@use('Aequus\Logbook\Set\ReadyItem')
@use('Aequus\Site\ReadyToPour')
@use('Aequus\Words\Names')
<h2>{{ $say('set.forms.ready.before_the_fill') }}</h2>
@foreach (ReadyItem::cases() as $item)
    @if (! ReadyToPour::isSeen($state, $item, $post) && $item->isFor($page->hold))
        <x-entry-form kind="ready" :name="'ready-'.$item->value">
            <input type="hidden" name="item" value="{{ $item->value }}">
            <p class="field-wide"><b>{{ ucfirst(Names::of($item)) }}</b></p>
            <button class="button" name="post" value="">{{ $say('set.forms.ready.seen_to_all_posts') }}</button>
            <button class="button button-second" name="post"
                value="{{ $post->label }}">{{ $say('set.forms.ready.only', label: $post->label) }}</button>
        </x-entry-form>
    @endif
@endforeach
