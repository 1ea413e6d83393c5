@if ($page->openWords() !== [])<p class="verdict-why">@foreach ($page->openWords() as $open){{ $open }} @endforeach</p>@endif
