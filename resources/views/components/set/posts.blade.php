@use('App\View\Links')
@props(['posts', 'job'])
@if ($posts !== [])<p class="stop-posts">@foreach ($posts as $post)<a
    href="{{ Links::post('set.post', $job, $post->label) }}">{{ $post->label }}</a> @endforeach</p>@endif
