// Leaves the demo studio, which ends then, for the one it was opened from; nothing of it stays in this browser.
{
  const button = document.querySelector('#leave-demo')
  button.addEventListener('click', () => {
    const { protocol, hostname } = location
    localStorage.clear()
    void fetch('/api/demo/leave', { method: 'POST' }).then(() =>
      location.assign(`${protocol}//${hostname}:${button.dataset.parent}/`),
    )
  })
}
