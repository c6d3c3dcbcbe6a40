@extends('paper.layout')
@section('pages')
@foreach ($pages as ['page' => $page, 'board' => $number])
<div class="page{{ $loop->last ? ' last' : '' }}">
@if ($page === null)
<p class="name">{{ __('paper.blank-side') }}</p>
@else
<header><h1>{{ $title }}</h1><span class="name">{{ __("paper.page.{$page->value}") }}{{ $number === null ? '' : __('paper.board', ['number' => $number]) }}</span></header>
@include("paper.pages.{$page->value}")
@endif
</div>
@endforeach
@endsection
