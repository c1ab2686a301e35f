{!! $says !!}@if ($link !== null)


{!! $link !!}@endif