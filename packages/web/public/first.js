// The card that came with the page is what a fresh bench comes to. Where something was laid on this one before, it stays hidden.
{
  const card = document.getElementById('first');
  const isLaid = ['amber-ladle-bench', 'amber-ladle-choices', 'amber-ladle-measured'].some((what) =>
    sessionStorage.getItem(what),
  );
  if (card && !isLaid) card.hidden = false;
}
