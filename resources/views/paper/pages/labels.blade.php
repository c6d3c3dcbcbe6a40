@include('paper.labels', ['withAnswers' => true])
